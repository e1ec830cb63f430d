<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use DOMElement;
use Juramen\Points\FormKind;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Listener;
use Juramen\Wording\Words\WordClass;

/** Tells what a form is for, from its fields and from the words of its heading and button. */
final readonly class KindGuess
{
    private const HEADINGS = ['h1', 'h2', 'h3', 'h4'];

    /** Fields that a newsletter asks for at most. */
    private const LITTLE = 3;

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

    /** A sum of money and nothing else. */
    private const SUM = '~^\W*(?:(?:[£€$]|EUR|GBP|CHF|DKK|SEK|kr\.?)\s?\d[\d.,]*|\d[\d.,]*\s?(?:[£€$]|EUR|GBP|CHF|DKK|SEK|kr\b))\W*$~u';

    public function __construct(private Page $page, private Labels $labels, private Listener $listener) {}

    /** @param  string  $beside  the words right beside it */
    public function of(FoundForm $form, string $beside): GuessedKind
    {
        $says = $this->headline($form);
        $text = $this->page->text($form->element);
        $asked = $this->textBesideActs($text);
        $passwords = count($form->inputs('password'));
        $hasEmail = $this->asksForEmail($form);
        $about = fn (WordClass $class, string ...$in): bool => $this->speaksIn($class, $in);
        $sends = fn (string $in): bool => $this->listener->hears($in, Meaning::Sends);

        $forNews = $hasEmail && (($sends($says) && ! $this->buys($form, $says)) || $this->isOnlyForNews($form, $text));
        // "Call me back" asks for an answer, and not for news.
        $without = fn (WordClass $class): string => $this->listener->without($says, $class);
        $asks = $about(WordClass::Contact, $says) && ! $sends($without(WordClass::Contact))
            && ! $this->onlyKeepsInTouch($form, $sends($text) || $sends($beside));
        $orders = $this->asksForCard($form) || $this->asksForSum($form)
            || (! $forNews && ! $about(WordClass::Draw, $says) && ! $about(WordClass::Tries, $says) && $about(WordClass::Order, $without(WordClass::Download)));

        return match (true) {
            $passwords > 0 => $passwords > 1 || $this->asksForNewPassword($form)
                || ($about(WordClass::Account, $says) && ! $about(WordClass::Login, $says))
                || count($form->inputs('text', 'email', 'tel', 'date')) > 2
                ? new GuessedKind(FormKind::Account, 'it asks for a new password') : new GuessedKind(FormKind::Login, 'it asks for a password'),
            $this->asksForLittle($form) && $about(WordClass::Login, $says) && ! $about(WordClass::Occasion, $says) => new GuessedKind(
                FormKind::Login, 'it leads back to a password'
            ),
            $form->inputs('search') !== [] || $form->element
                ->getAttribute('role') === 'search' || (
                    ! $hasEmail && count($form->controls) <= 2 && $about(WordClass::Search, $says, $form->element->getAttribute('action'))
                ) => new GuessedKind(FormKind::Search, 'it has a search field'),
            $this->asksForFriend($form) => new GuessedKind(FormKind::Other, 'it asks for the address of somebody else'),
            $about(WordClass::Rights, $says) => new GuessedKind(FormKind::RightsRequest, 'its heading or button speaks of a request'),
            $about(WordClass::Preferences, $says) => new GuessedKind(FormKind::Preferences, 'its heading or button speaks of leaving or choosing'),
            $form->inputs('file') !== [] && $about(WordClass::Job, $says, $text),
            $about(WordClass::Job, $says), $this->takesApplication($form) => new GuessedKind(FormKind::JobApplication, 'it takes an application'),
            $orders => new GuessedKind(FormKind::Order, 'its heading, button or fields speak of an order'),
            $about(WordClass::Draw, $says) => new GuessedKind(FormKind::PrizeDraw, 'its heading or button speaks of a prize'),
            $about(WordClass::Download, $says) => new GuessedKind(FormKind::Download, 'its heading or button speaks of a download'),
            $hasEmail && $form->elements('textarea') === [] && $about(WordClass::Download, $says, $text, $beside) => new GuessedKind(
                FormKind::Download, 'something is promised for what is filled in'
            ),
            $form->elements('textarea') === [] && ($this->speaksOfOccasion($says) || $about(WordClass::Tries, $says)) => new GuessedKind(
                FormKind::Other, 'its heading or button speaks of something to put oneself down for'
            ),
            $about(WordClass::Account, $says) => new GuessedKind(FormKind::Account, 'its heading or button speaks of an account'),
            $form->elements('textarea') !== [] || $asks => new GuessedKind(FormKind::Contact, 'it takes a message'),
            $hasEmail && ($this->isService($asked) || $this->isService($says)) => new GuessedKind(FormKind::Other, 'what is asked for comes once'),
            $hasEmail && $sends($says) => new GuessedKind(
                FormKind::Newsletter, 'its heading or button speaks of news, and it asks for little else'
            ),
            $hasEmail && $this->asksForLittle($form) && ($sends($beside) || $this->comesByMail($says, $beside)) => new GuessedKind(
                FormKind::Newsletter, 'what stands over it speaks of news, and it asks for an address alone'
            ),
            $hasEmail && $sends($asked) && $this->speaksOfNews($form, $asked)
                && ! $this->isForSomethingElse($form, $says, $this->textBesideBoxes($form, $text)) => new GuessedKind(
                    FormKind::Newsletter, 'it speaks of news and asks for little else'
                ),
            $hasEmail && $this->asksForLittle($form) && $about(WordClass::Gets, $says) && $about(WordClass::Rate, $says) => new GuessedKind(
                FormKind::Newsletter, 'it asks for an address alone, and something comes again and again'
            ),
            $hasEmail && $this->asksForLittle($form) && $about(WordClass::Carrier, $text) && $about(WordClass::Rate, $text) => new GuessedKind(
                FormKind::Newsletter, 'it asks for an address alone, for a letter that comes again and again'
            ),
            $hasEmail && $this->asksForLittle($form) && $about(WordClass::Subscribes, $says) => new GuessedKind(
                FormKind::Newsletter, 'it asks for an address alone, to sign up'
            ),
            $hasEmail && $this->asksForLittle($form) && $this->listener->hears("$text\n$beside", Meaning::CanEnd) => new GuessedKind(
                FormKind::Newsletter, 'it asks for an address alone, and what comes can be ended'
            ),
            default => new GuessedKind(FormKind::Other, 'nothing says what it is for'),
        };
    }

    /** What stands on a form but for the words of its boxes, and questions over them: what a box asks for besides is not what the form is for. */
    private function textBesideBoxes(FoundForm $form, string $text): string
    {
        $boxes = array_map($this->labels->of(...), $form->inputs('checkbox'));
        $over = array_map($this->page->text(...), $this->page->named(['legend'], $form->element));

        return (string) preg_replace($boxes === [] ? [] : '~^.*\?$~m', '', strtr($text, array_fill_keys(array_filter([...$boxes, ...$over]), '')));
    }

    /** What stands on a form but for sentences that take another act for consent: "by taking the test you agree to get our offers as well". */
    private function textBesideActs(string $text): string
    {
        foreach ($this->listener->all($text, Meaning::TakenFromAct) as $taken) {
            $text = str_replace($taken->words->words, '', $text);
        }

        return $text;
    }

    /**
     * "Sign: keep the pier open": a heading and a button with words of their own, more than an address, and news by a box alone, or as something that
     * details are used for.
     *
     * @param  string  $beside  the text beside boxes
     */
    private function isForSomethingElse(FoundForm $form, string $says, string $beside): bool
    {
        $comes = $this->listener->hears($beside, Meaning::Sends) && $this->listener->speaksOf($beside, ...self::COMES);

        return ! $comes && count($form->inputs('text', 'email', 'tel')) > 1
            && preg_match_all('~\p{L}{3,}~u', $this->listener->without($says, ...self::OF_NEWS)) >= self::OWN_WORDS;
    }

    /** @param  array<string>  $texts */
    private function speaksIn(WordClass $class, array $texts): bool
    {
        foreach ($texts as $text) {
            if ($this->listener->speaksOf($text, $class)) {
                return true;
            }
        }

        return false;
    }

    private function asksForEmail(FoundForm $form): bool
    {
        foreach ($form->inputs('email') === [] ? $form->inputs('text') : [] as $input) {
            $called = implode(' ', array_map($input->getAttribute(...), ['name', 'id', 'placeholder', 'autocomplete']));
            if (preg_match('~e-?mail|courriel~i', $called) === 1) {
                return true;
            }
        }

        return $form->inputs('email') !== [];
    }

    /** Heading, legend, button and what stands directly over the form. */
    private function headline(FoundForm $form): string
    {
        $parts = [];
        // Beside a heading a legend names its own fields, such as a question about news.
        $before = $this->page->before($form->element, self::HEADINGS);
        $others = $before !== null || $this->page->count(self::HEADINGS, $form->element) > 0 ? [] : ['legend', 'caption'];
        foreach ($this->page->named([...self::HEADINGS, 'h5', 'button', ...$others], $form->element) as $element) {
            $parts[] = $element->hasAttribute('aria-pressed') ? '' : $this->page->text($element);
        }
        foreach ($this->page->named(['input'], $form->element) as $button) {
            if (in_array($button->getAttribute('type'), ['submit', 'button', 'image'], true)) {
                $parts[] = $button->getAttribute('value').' '.$button->getAttribute('alt');
            }
        }
        $parts[] = $form->element->getAttribute('aria-label');
        if ($before !== null && $this->page->count(self::HEADINGS, $form->element) === 0) {
            $parts[] = $this->page->text($before);
        }

        return Page::tidy(implode("\n", $parts));
    }

    /** "Sign up for the webinar", "reserve a table": signing up itself means no news there, and a letter about courses is a letter. */
    private function speaksOfOccasion(string $says): bool
    {
        return $this->listener->speaksOf($says, WordClass::Occasion)
            && ! $this->listener->speaksOf($says, WordClass::Advertising, WordClass::Carrier, ...WordClass::means())
            && ! $this->listener->hears($this->listener->without($says, WordClass::Subscribes), Meaning::Sends);
    }

    /** "Get the tips" on a button, or a letter in the heading, and beside it "seeds, harvest and recipes by email". */
    private function comesByMail(string $says, string $beside): bool
    {
        return $this->listener->speaksOf($says, WordClass::Gets, WordClass::Carrier, WordClass::Advertising)
            && $this->listener->speaksOf($beside, ...WordClass::means());
    }

    /** "Order a voucher", "Buy": nothing that comes again is ordered there. */
    private function buys(FoundForm $form, string $says): bool
    {
        return ! $this->asksForLittle($form) && $this->listener->speaksOf($says, WordClass::Order)
            && ! $this->listener->speaksOf($says, WordClass::Carrier, WordClass::Subscribes, WordClass::Gets, ...WordClass::means());
    }

    private function asksForLittle(FoundForm $form): bool
    {
        return count($form->controls) === 1 && count($form->inputs('text', 'email', 'tel')) === 1;
    }

    /** "We email you the day it is back", "one email, when the price falls": what was asked for comes once, and no news. */
    private function isService(string $text): bool
    {
        return ! $this->listener->speaksOf($text, WordClass::Advertising, WordClass::Subscribes) && ($this->listener->speaksOf($text, WordClass::Service)
            || $this->listener->speaksTogether($text, self::ONCE, [WordClass::Unit, WordClass::Each, WordClass::Ends, WordClass::Withdraws]));
    }

    /** Whether it asks for little, and something comes of it again and again, or nothing but the address is asked for. */
    private function speaksOfNews(FoundForm $form, string $text): bool
    {
        $asked = count($form->inputs('text', 'email', 'tel'));

        return $asked === 1 || ($asked <= self::LITTLE
            && $this->listener->speaksOf($text, WordClass::Advertising, WordClass::Subscribes, WordClass::Rate));
    }

    /** Whether it asks for nothing but an address, and speaks of a newsletter: that can be ordered too. */
    private function isOnlyForNews(FoundForm $form, string $text): bool
    {
        $little = count($form->inputs('text', 'email', 'tel')) === 1 && $form->elements('textarea') === [];

        return $little && ($this->listener->speaksOf($text, WordClass::Carrier)
            || ($this->listener->speaksOf($text, WordClass::Subscribes) && $this->listener->speaksOf($text, WordClass::Advertising, ...WordClass::means())));
    }

    /** "Let us stay in touch", with a field for an address and nothing to write in. */
    private function onlyKeepsInTouch(FoundForm $form, bool $sends): bool
    {
        return $sends && $form->elements('textarea') === [] && count($form->inputs('text', 'email', 'tel')) === count($form->inputs('email'));
    }

    /** "Your application": what is written there says what it is for. */
    private function takesApplication(FoundForm $form): bool
    {
        $texts = $form->elements('textarea');

        return array_filter($texts, fn (DOMElement $t): bool => $this->listener->speaksOf($this->labels->of($t), WordClass::Job)) !== [];
    }

    private function asksForFriend(FoundForm $form): bool
    {
        $isFriends = fn (DOMElement $input): bool => $this->listener->speaksOfRarely($this->labels->of($input), WordClass::FieldFriend);

        return array_filter($form->inputs('email', 'tel'), $isFriends) !== [];
    }

    private function asksForNewPassword(FoundForm $form): bool
    {
        return array_filter($form->inputs('password'), static fn (DOMElement $i): bool => $i->getAttribute('autocomplete') === 'new-password') !== [];
    }

    private function asksForCard(FoundForm $form): bool
    {
        return array_filter($form->controls, static fn (DOMElement $c): bool => str_starts_with($c->getAttribute('autocomplete'), 'cc-')) !== [];
    }

    /** "£10, £25, another sum": somebody chooses what to pay or to give. */
    private function asksForSum(FoundForm $form): bool
    {
        $isSum = fn (DOMElement $radio): bool => preg_match(self::SUM, $this->labels->of($radio)) === 1;

        return count(array_filter($form->inputs('radio'), $isSum)) > 1;
    }
}
