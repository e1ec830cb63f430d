<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Listener;
use Juramen\Wording\Words\WordClass;

/** Tells whether something comes again and again to whoever fills in a form, or comes once. */
final readonly class NewsGuess
{
    /** Words that stand over and on forms for news. */
    private const OF_NEWS = [
        WordClass::Subscribes, WordClass::Carrier, WordClass::Advertising, WordClass::Vague, WordClass::Sends, WordClass::Gets, WordClass::Little,
        WordClass::Self, WordClass::You, WordClass::I, WordClass::Joins, WordClass::Yes, WordClass::Rate, WordClass::Details, WordClass::FieldEmail,
    ];

    /** Words by which something comes. */
    private const COMES = [WordClass::Sends, WordClass::Gets, WordClass::Subscribes, WordClass::Carrier];

    /** Other words of a heading and a button from which on they are for something else. */
    private const OWN_WORDS = 2;

    /** Words of a sentence by which one thing comes, and when. */
    private const ONCE = [[WordClass::When], [WordClass::Number, WordClass::Rate], [WordClass::Price], [WordClass::Carrier, WordClass::Sends]];

    /** Words of a sentence by which somebody is told of what happens. */
    private const TOLD_WHEN = [[WordClass::When], [WordClass::Tells, WordClass::Sends]];

    /** Words of a sentence about what comes again, or what may be ended. */
    private const COMES_AGAIN = [WordClass::Advertising, WordClass::Vague, WordClass::Subscribes, WordClass::Ends, WordClass::Withdraws, WordClass::Each];

    /** Lines of a form that sends one thing. */
    private const NAME_AND_ADDRESS = 2;

    /** Letters of a word that names a thing, and of its ending, which may differ between the heading and the button. */
    private const NOUN = 4;

    private const ENDING = 2;

    public function __construct(private Listener $listener) {}

    /** By what it is told that a form is for news and nothing else; null where nothing tells that. */
    public function reason(FormFields $fields, FormWords $words): ?string
    {
        if (! $fields->email) {
            $sent = $this->speaksAnywhere($words, WordClass::BySms, WordClass::ByMessaging)
                || ($this->sends($words->says) && ! $this->speaksAnywhere($words, WordClass::CallsBack, WordClass::Answers));

            return $fields->lines === 1 && $fields->fewLines() && $fields->phone && $sent ? 'it asks for a number alone, to send messages to it' : null;
        }

        return match (true) {
            $this->sends($words->says) => 'its heading or button speaks of news, and it asks for little else',
            ! $fields->message && ! $fields->hasBoxes() && $this->listener->speaksOf($words->says, WordClass::Touch) => 'it is for staying in touch',
            ! $fields->message && $fields->fewLines() && $this->listener->speaksOf($words->says, WordClass::JobAlerts) => 'it tells of jobs again and again',
            $this->speaksOfNews($fields, $words) => 'it speaks of news and asks for little else',
            $fields->lines === 1 && ! $fields->message && ! $fields->hasBoxes() && ! $fields->has('radio', 'date', 'file', 'number')
                && $this->saysAnywhere($words, Meaning::CanEnd) => 'it asks for an address and little else, and what comes can be ended',
            $fields->emailAlone() => 'it asks for an address alone, and nothing says what else for',
            ! $fields->hasBoxes() && $fields->fewLines() && ! $this->isToldWhen($words)
                && $this->comesAgain($words) => 'it asks for little, and something comes again and again',
            default => null,
        };
    }

    /** Whether its heading or its button speaks of news, or all that it asks for is an address for a letter: that can be ordered too. */
    public function isPlain(FormFields $fields, FormWords $words): bool
    {
        return $fields->email && ! $this->comesOnce($fields, $words)
            && (($this->sends($words->says) && ! $this->buys($fields, $words)) || $this->ordersLetter($fields, $words->text)
            || $this->keepsComing($fields, $words));
    }

    /** Whether what is asked for comes once: "we email you the day it is back". */
    public function comesOnce(FormFields $fields, FormWords $words): bool
    {
        return $this->isService($words->asked) || $this->isService($words->says)
            || ($fields->fewLines() && ! $fields->message && $this->isOneOf($words->says, WordClass::Reminds)
                && ! $this->listener->speaksOf($words->says, WordClass::Job, WordClass::JobAlerts))
            || ($fields->oneLine() && ($this->isToldWhen($words)
                || ($this->isService($words->beside) && ! $this->listener->hears($words->beside, Meaning::CanEnd, Meaning::HardToEnd))));
    }

    /** "Price list 2026" in the heading or below it, and "email me the price list" on the button, with nothing that comes again. */
    public function sendsOneThing(FormFields $fields, FormWords $words): bool
    {
        // "Take a seat" beside a name fetches nothing.
        $sent = $this->listener->speaksOf($words->buttons, WordClass::Sends, WordClass::Gets, WordClass::Reads)
            || ($fields->lines === 1 && $this->listener->speaksOf($words->buttons, WordClass::Fetches));
        if (! $sent || $fields->lines > self::NAME_AND_ADDRESS || $this->listener->speaksOf($words->heading, ...WordClass::means())) {
            return false;
        }
        $heading = mb_strtolower($words->heading.' '.$words->beside);
        $button = mb_strtolower($this->listener->without($words->buttons, WordClass::Order, ...self::OF_NEWS));
        preg_match_all('~\p{L}{'.self::NOUN.',}~u', $button, $things);
        $named = static fn (string $thing): bool => str_contains($heading, mb_substr($thing, 0, max(self::NOUN, mb_strlen($thing) - self::ENDING)));

        // What a box says of its own letter is not said of the thing.
        $again = fn (string $part): bool => $part !== '' && $this->listener->hears($part, Meaning::RateGiven, Meaning::CanEnd);

        // Nor what comes in exchange for it of the letter that is its price.
        return array_filter($things[0], $named) !== []
            && (array_filter([$words->says, $words->besideBoxes, $words->beside], $again) === [] || $this->saysAnywhere($words, Meaning::Exchange));
    }

    /** "Puzzles each Saturday by email"; "walk with us on Sunday" comes to nobody. */
    private function comesAgain(FormWords $words): bool
    {
        $comes = [...self::COMES, WordClass::Advertising, WordClass::Vague, ...WordClass::means()];
        $often = [WordClass::Rate, WordClass::Unit, WordClass::Each, WordClass::Number];

        return $this->saysAnywhere($words, Meaning::RateGiven) && ($this->saysAnywhere($words, Meaning::CanEnd)
            || array_filter($words->parts(), fn (string $part): bool => $this->listener->speaksTogether($part, [$often, $comes], [])) !== []);
    }

    private function saysAnywhere(FormWords $words, Meaning ...$meanings): bool
    {
        foreach ($words->parts() as $part) {
            if ($this->listener->hears($part, ...$meanings)) {
                return true;
            }
        }

        return false;
    }

    private function speaksAnywhere(FormWords $words, WordClass ...$classes): bool
    {
        foreach ($words->parts() as $part) {
            if ($this->listener->speaksOf($part, ...$classes)) {
                return true;
            }
        }

        return false;
    }

    public function sends(string $text): bool
    {
        return $this->listener->hears($text, Meaning::Sends);
    }

    /** "Order a voucher", "Buy"; "buy a season ticket" and "pay", though one subscribes to it: no letter is ordered there. */
    private function buys(FormFields $fields, FormWords $words): bool
    {
        $paid = $this->listener->speaksOf($words->heading, WordClass::Order) && $this->listener->speaksOf($words->buttons, WordClass::Order);

        return ! $fields->oneLine() && $this->listener->speaksOf($words->says, WordClass::Order)
            && ! $this->listener->speaksOf($words->says, WordClass::Carrier, ...WordClass::means())
            && ($paid || ! $this->listener->speaksOf($words->says, WordClass::Subscribes, WordClass::Gets));
    }

    /** "Order the calendar: what is on, each month, and every mail ends it": for a name and an address, nothing is bought. */
    public function keepsComing(FormFields $fields, FormWords $words): bool
    {
        return $fields->email && $fields->littleToFillIn() && ! $fields->hasBoxes() && ! $fields->message && ! $fields->phone
            && $this->listener->hears($words->beside, Meaning::CanEnd) && $this->listener->hears($words->beside, Meaning::RateGiven);
    }

    private function ordersLetter(FormFields $fields, string $text): bool
    {
        return $fields->lines === 1 && ! $fields->message && ($this->listener->speaksOf($text, WordClass::Carrier)
            || ($this->listener->speaksOf($text, WordClass::Subscribes) && $this->listener->speaksOf($text, WordClass::Advertising, ...WordClass::means())));
    }

    /** Whether it asks for little, and something comes of it again and again, or nothing but the address is asked for. */
    private function speaksOfNews(FormFields $fields, FormWords $words): bool
    {
        $little = $fields->lines === 1
            || ($fields->littleToFillIn() && $this->listener->speaksOf($words->asked, WordClass::Advertising, WordClass::Subscribes, WordClass::Rate));

        // What a box beside a number asks for is not what the form is for.
        $byBox = $fields->phone && $fields->hasBoxes() && ! $this->sends($words->besideBoxes);

        return $little && ! $byBox && $this->sends($words->asked) && ! $this->isForSomethingElse($fields, $words);
    }

    /**
     * "Sign: keep the pier open": a heading and a button with words of their own, more than an address, and news by a box alone, or as something that
     * details are used for.
     */
    private function isForSomethingElse(FormFields $fields, FormWords $words): bool
    {
        $comes = $this->sends($words->besideBoxes) && $this->listener->speaksOf($words->besideBoxes, ...self::COMES);

        return ! $comes && $fields->lines > 1
            && preg_match_all('~\p{L}{3,}~u', $this->listener->without($words->says, ...self::OF_NEWS)) >= self::OWN_WORDS;
    }

    /** "One email, when the price falls": what was asked for comes once, and no news. That a parcel leaves the same day promises none. */
    private function isService(string $text): bool
    {
        if ($this->isOneOf($text, WordClass::Service) && ! $this->listener->speaksOf($text, WordClass::Trades)) {
            return true;
        }

        return ! $this->listener->speaksOf($text, WordClass::Advertising, WordClass::Subscribes)
            && $this->listener->speaksTogether($text, self::ONCE, [WordClass::Unit, WordClass::Each, WordClass::Ends, WordClass::Withdraws]);
    }

    /** Whether it speaks of that, and of no news. */
    private function isOneOf(string $text, WordClass $class): bool
    {
        return $this->listener->speaksOf($text, $class) && ! $this->listener->speaksOf($text, WordClass::Advertising, WordClass::Subscribes);
    }

    /** "We will let you know when the shop opens": somebody is told when something happens, and gets no news. */
    private function isToldWhen(FormWords $words): bool
    {
        $told = fn (string $text): bool => $this->listener->speaksTogether($text, self::TOLD_WHEN, self::COMES_AGAIN);

        return ($told($words->asked) || $told($words->beside)) && ! $this->saysAnywhere($words, Meaning::CanEnd)
            && ! $this->listener->speaksOf($words->says, WordClass::Carrier, WordClass::Subscribes);
    }
}
