<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

use Juramen\Points\FormKind;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Listener;
use Juramen\Wording\Words\WordClass;

/** What a question above boxes and choices asks: how somebody is to be reached, whether something may come, or something else altogether. */
final readonly class Questions
{
    /** Forms that somebody answers, by whatever channel. */
    private const ANSWERED = [FormKind::Contact, FormKind::Order, FormKind::JobApplication, FormKind::RightsRequest, FormKind::Other];

    /** Words of a wish. */
    private const WISHES = [WordClass::Wants, WordClass::Agrees, WordClass::Yes, WordClass::Subscribes, WordClass::Sends];

    /** Somebody is to be reached. */
    private const REACHED = [WordClass::Sends, WordClass::Contact, WordClass::CallsBack, WordClass::ByPhone];

    /** Words of a question about nothing but how somebody is reached. */
    private const REACHES = [
        WordClass::May, WordClass::Self, WordClass::You, WordClass::I, WordClass::Sends, WordClass::Does, WordClass::Wants, WordClass::Rather,
        WordClass::Contact, WordClass::CallsBack, WordClass::Namely, WordClass::Little, WordClass::If, WordClass::When,
        WordClass::ByPhone, WordClass::ByEmail,
    ];

    /** By which a question says that it must be answered, or need not be. */
    private const MARK = '~[\s:]*(?:\*|\([^()]*\))?[\s:]*$~u';

    public function __construct(private Listener $listener) {}

    /** "How would you like to be contacted?": nothing is said but that somebody is to be reached, on a form that somebody answers. */
    public function askHow(string $question, FormKind $kind): bool
    {
        return in_array($kind, self::ANSWERED, true) && $this->listener->speaksOf($question, ...self::REACHED)
            && ! $this->listener->speaksOf($question, WordClass::Advertising, WordClass::Carrier, WordClass::Rate)
            // "In touch about our work": something comes, and "touch" alone says nothing of it.
            && ! $this->listener->speaksOf($this->listener->without($question, ...self::REACHED), WordClass::Vague)
            && preg_match('~\p{L}~u', $this->listener->without($question, ...self::REACHES)) !== 1;
    }

    /** "May we show you new candles?": whatever it is, it comes from us, and is neither an answer nor part of an order. */
    public function askLeave(string $question): bool
    {
        $first = (preg_split('~[\s-]+~u', trim($question), 2) ?: [''])[0];

        return $this->listener->speaksOf($first, WordClass::May) && $this->listener->speaksOf($question, WordClass::Self)
            && $this->listener->speaksOf($question, WordClass::You) && ! $this->listener->speaksOf($question, WordClass::Answers, WordClass::Service);
    }

    /** "We would like to email you news": more than an answer, a receipt or whatever else belongs to what somebody does on the form. */
    public function askForMore(string $words): bool
    {
        $own = $this->listener->hears($words, Meaning::ToAnswer) || $this->listener->speaksOf($words, WordClass::Service, WordClass::Answers);

        return ! $own && (
            $this->listener->speaksOf($words, WordClass::Advertising, WordClass::Outsider, WordClass::Profiles)
            || $this->listener->hears($words, Meaning::Pictured, Meaning::RateGiven, Meaning::CanEnd)
            || $this->listener->speaksTogether($words, [[WordClass::Self], [WordClass::Wants, WordClass::May]], [WordClass::Terms, WordClass::Notice])
        );
    }

    /** "What is it about? ☐ A booking ☐ The newsletter": of several things that a message may concern, none is wished for. */
    public function askMatter(string $question, FormKind $kind): bool
    {
        $words = (string) preg_replace(self::MARK, '', $question);

        return in_array($kind, self::ANSWERED, true) && $this->listener->speaksOf($words, WordClass::Matter)
            && preg_match('~\p{L}~u', $this->listener->without($words, WordClass::Matter, WordClass::Little, WordClass::Self, WordClass::You)) !== 1;
    }

    /** "How did you hear about us? ☐ Newsletter": a word for a letter that answers a question about something else. */
    public function askElse(string $question, string $answer): bool
    {
        $question = (string) preg_replace(self::MARK, '', $question);

        return str_ends_with($question, '?') && $this->listener->speaksOf($question, WordClass::You) && ! $this->listener->hears($question, Meaning::Sends)
            && ! $this->listener->speaksOf($question, WordClass::May, WordClass::Advertising, WordClass::Carrier, WordClass::Rate, ...self::WISHES)
            && ! $this->isWish($answer);
    }

    /** "Topics", "What interests you?", or nothing at all over several subjects of a letter; who somebody is, how often and in what language is no subject. */
    public function askTopics(string $question, string $answer): bool
    {
        if ($question === '' || $this->listener->speaksOf($question, WordClass::Topics)) {
            return true;
        }
        $else = [WordClass::Technical, WordClass::Rate, WordClass::Age, WordClass::FieldGender, WordClass::FieldName];

        return ! $this->listener->speaksOf($question, ...$else) && ! $this->askElse($question, $answer)
            && $this->listener->speaksOf($question, WordClass::Carrier, WordClass::Advertising, ...self::WISHES);
    }

    /** Whether an answer asks for something by itself, whatever the question. */
    public function isWish(string $answer): bool
    {
        return $this->listener->speaksOf($answer, ...self::WISHES);
    }
}
