<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use Juramen\Audit\ControlRole;
use Juramen\Points\FormKind;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Listener;
use Juramen\Wording\Words\WordClass;

/** What a box or a choice is there for, by its words: consent, terms, the notice, or the form's own purpose. */
final readonly class Roles
{
    /** Blanks between the words of what calls for mails. */
    private const CALLS = 4;

    /** What a no must be a no to, for it to be about being written to. */
    private const SENT = [
        WordClass::ByEmail, WordClass::BySms, WordClass::ByPhone, WordClass::ByMessaging, WordClass::Advertising, WordClass::Carrier, WordClass::Vague,
        WordClass::Rate,
    ];

    public function __construct(private Questions $questions, private LabelWords $words, private Listener $listener) {}

    public function of(string $label, FormKind $kind): ?ControlRole
    {
        $left = $this->listener->without($label, WordClass::Technical);
        $plain = $this->listener->without($left, WordClass::Terms, WordClass::Notice);

        return match (true) {
            $this->isService($label) => ControlRole::Technical,
            $this->keepsPapers($label), $this->tellsWhatIs($label) => null,
            $this->isHow($label) => ControlRole::Technical,
            $this->listener->hears($plain, Meaning::Sends, Meaning::PassedOn) => ControlRole::Consent,
            $this->isToUse($plain) || $this->isYesTo($plain) || $this->isPriceOf($plain), $this->isForTouch($plain, $kind) => ControlRole::Consent,
            // "Tick to opt out of our monthly email": a no to being written to is about being written to.
            $this->listener->hears($plain, Meaning::AsksForNo)
                && ($this->listener->speaksOf($plain, WordClass::Outsider, ...self::SENT) || $this->isOfOurs($plain)) => ControlRole::Consent,
            $this->listener->hears($label, Meaning::ToAnswer) && ! $this->speaks(WordClass::Reads, $label)
                && ! $this->speaks(WordClass::Terms, $label) => ControlRole::Technical,
            $this->speaks(WordClass::Technical, $label)
                && ! $this->listener->speaksOf($left, WordClass::Terms, WordClass::Notice) => ControlRole::Technical,
            $this->speaksOfMails($plain) && ! $this->speaks(WordClass::Terms, $label) && ! $this->speaks(WordClass::Notice, $label) => ControlRole::Consent,
            $this->speaks(WordClass::Terms, $label) => ControlRole::Terms,
            $this->speaks(WordClass::Notice, $label) => ControlRole::Notice,
            $kind === FormKind::Newsletter && ($this->speaks(WordClass::Yes, $label) || $label === '') => ControlRole::Consent,
            default => null,
        };
    }

    /** "Tick if you do not wish our energy tips": whatever it is that would come of ours. */
    private function isOfOurs(string $label): bool
    {
        return $this->speaks(WordClass::Self, $label) && $this->speaks(WordClass::Ticks, $label) && $this->listener->hears($label, Meaning::PurposeNamed)
            && ! $this->listener->speaksOf($label, WordClass::Service, WordClass::Answers, WordClass::Stores, WordClass::Terms, WordClass::Technical);
    }

    /** "Hoot by email when the owls are back": whatever word calls for it, something comes by a channel, and it is nothing of what was asked for. */
    private function speaksOfMails(string $label): bool
    {
        return $this->listener->speaksOf($label, WordClass::ByEmail, WordClass::BySms, WordClass::ByMessaging) && substr_count(trim($label), ' ') >= self::CALLS
            && $this->listener->hears($label, Meaning::PurposeNamed)
            && ! $this->listener->speaksOf(
                $label, WordClass::Service, WordClass::Answers, WordClass::Technical, WordClass::Contact, WordClass::CallsBack, WordClass::Details,
                WordClass::Confirms, WordClass::Reads, WordClass::Must, WordClass::Not, WordClass::Stores
            );
    }

    /** "Do you have a voucher?", "I already get your letter": what somebody has or is, and wishes for nothing by it. */
    private function tellsWhatIs(string $label): bool
    {
        return $this->speaks(WordClass::HasAlready, $label) && ! $this->listener->hears($label, Meaning::YesWritten, Meaning::PassedOn, Meaning::AsksForNo)
            && ! $this->listener->speaksOf(
                $label, WordClass::Wants, WordClass::Agrees, WordClass::May, WordClass::Topics, WordClass::Terms, WordClass::Notice,
                WordClass::Rate, WordClass::Ticks, WordClass::Unticks, WordClass::TickedAlready
            );
    }

    /** "Emails as plain text": how what comes anyway comes. */
    private function isHow(string $label): bool
    {
        return $this->speaks(WordClass::Technical, $label) && ! $this->listener->hears($label, Meaning::PurposeNamed, Meaning::PassedOn)
            && ! $this->listener->speaksOf(
                $label, WordClass::Advertising, WordClass::Subscribes, WordClass::May, WordClass::Agrees, WordClass::Terms, WordClass::Notice, WordClass::Yes,
                WordClass::Rate, WordClass::Self
            );
    }

    /** To being watched or shown one agrees, too, and to what details may be used for as well, such as "to improve our services". */
    private function isToUse(string $label): bool
    {
        $more = $this->speaks(WordClass::Vague, $label) || ($this->speaks(WordClass::Also, $label) && $this->speaks(WordClass::May, $label)
            && ! $this->listener->speaksOf($label, WordClass::Service, WordClass::Answers));
        $used = $more && $this->speaks(WordClass::Uses, $label) && $this->speaks(WordClass::Details, $label)
            && ! $this->listener->hears($label, Meaning::ToAnswer);

        return ($used || $this->listener->hears($label, Meaning::Profiled, Meaning::Measured, Meaning::Pictured))
            && ($this->listener->speaksOf($label, WordClass::Agrees, WordClass::May, WordClass::Yes) || ! $this->speaks(WordClass::Self, $label));
    }

    /** "Stay in touch", where no answer is awaited: something comes, whatever it is. */
    private function isForTouch(string $label, FormKind $kind): bool
    {
        return $kind !== FormKind::Contact && $kind->asksForConsent() && $this->speaks(WordClass::Touch, $label)
            && ! $this->listener->speaksOf($label, WordClass::Service, WordClass::Answers, WordClass::Order, WordClass::Refuses, WordClass::Not);
    }

    /** "Recipes by email? Yes please": what would come stands in the question, and the wish behind it. */
    private function isYesTo(string $label): bool
    {
        $mark = (int) strpos($label, '?');
        [$question, $answer] = [substr($label, 0, $mark), substr($label, $mark + 1)];

        return $mark > 0 && $this->speaks(WordClass::Yes, $answer) && $this->listener->speaksOf($question, ...WordClass::means())
            && $this->listener->hears($question, Meaning::PurposeNamed) && ! $this->listener->speaksOf($question, WordClass::Answers, WordClass::Service);
    }

    /** "The price of the pattern is our letter": what comes is what is paid with. */
    private function isPriceOf(string $label): bool
    {
        return $this->listener->hears($label, Meaning::Exchange)
            && $this->listener->speaksOf($label, WordClass::Carrier, WordClass::Advertising, WordClass::Subscribes);
    }

    /** "Text me when my parcel is on its way": what belongs to the order itself, and nothing that advertises; a carrier that is told is no other. */
    private function isService(string $label): bool
    {
        $others = $this->speaks(WordClass::Processor, $label) ? [] : [WordClass::Outsider];

        // What comes by post is no post to read.
        $left = $this->listener->without($label, WordClass::Service, WordClass::ByPost);

        return $this->speaks(WordClass::Service, $label) && ! $this->listener->speaksOf($left, WordClass::Advertising, WordClass::Vague, ...$others);
    }

    /**
     * What a channel is for that stands below a question: advertising as far as it asks for that, and whatever "may we show you new candles?" asks
     * for; "how may we reach you?" asks for nothing where an answer is awaited.
     */
    public function below(string $question, string $label, FormKind $kind): ?ControlRole
    {
        return $this->questions->askHow($question, $kind) && ! $this->isForTouch($question, $kind) ? ControlRole::Technical
            : $this->of($label, $kind) ?? ($this->questions->askLeave($question) ? ControlRole::Consent : null);
    }

    /**
     * What answers to a question are for. The question of a form for news has to be about them: "Do you smoke?" is not; and where it is about
     * something else, only what the person says counts: "Sales" and "Newsletter" are what a message may be about.
     *
     * @param  list<string>  $answers
     */
    public function answering(string $question, array $answers, FormKind $kind): ?ControlRole
    {
        if ($question === '') {
            return $this->of(Lines::tidy(implode("\n", $answers)), $kind);
        }
        if ($this->tellsWhatIs($question)) {
            return null;
        }
        if ($this->questions->askMatter($question, $kind) && array_filter($answers, $this->questions->isWish(...)) === []) {
            return null;
        }
        // "The seal letter by email: monthly, never".
        $letter = $this->listener->speaksOf($question, WordClass::Carrier, WordClass::Advertising)
            && $this->listener->hears($question, Meaning::PurposeNamed, Meaning::PurposeGeneral)
            && ! $this->listener->speaksOf($question, WordClass::Service, WordClass::Answers, WordClass::Technical, WordClass::Terms, WordClass::Notice);
        $no = array_filter($answers, fn (string $answer): bool => $this->words->meansNo($answer, ''));
        $often = array_filter($answers, fn (string $answer): bool => $this->listener->speaksOf($answer, WordClass::Rate, WordClass::Unit));
        if ($letter && $no !== [] && array_diff($often, $no) !== []) {
            return ControlRole::Consent;
        }
        $own = $this->listener->hears($question, Meaning::Sends) ? $answers : array_filter($answers, $this->words->isAnswer(...));

        return $this->of(Lines::tidy($question."\n".implode("\n", $own)), FormKind::Other);
    }

    /** "You may keep my papers for other posts": nothing comes of it that could come every month. */
    private function keepsPapers(string $label): bool
    {
        return $this->speaks(WordClass::LaterJobs, $label) && $this->speaks(WordClass::Stores, $label)
            && ! $this->listener->hears($this->listener->without($label, WordClass::Ends), Meaning::Sends);
    }

    private function speaks(WordClass $class, string $text): bool
    {
        return $this->listener->speaksOf($text, $class);
    }
}
