<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/** What is given is used to answer what somebody wrote, or for what they asked for, and for nothing else: agreeing to that is agreeing to no advertising. */
final class AnswerFrame implements Frame
{
    /** What would be more than an answer, whoever does it. */
    private const MORE = [W::Advertising, W::Outsider, W::Profiles, W::Measures, W::Subscribes, W::Adds, W::Must, W::Not];

    /** Words between pressing and what the button says. */
    private const BUTTON = 2;

    public function id(): string
    {
        return 'answer';
    }

    public function meanings(): array
    {
        return [Meaning::ToAnswer];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        foreach ($passage->sentences as $sentence) {
            if (self::isAll($sentence)) {
                $senses[] = new Sense(Meaning::ToAnswer, $passage->sentenceWords($sentence), 'It is used to answer.');
            }
        }

        return $senses;
    }

    /** Whether an answer is all that a sentence is about. */
    public static function isAll(Sentence $s): bool
    {
        return $s->has(W::Answers) && $s->once('answers', static fn (): bool => self::onlyAnswers($s));
    }

    private static function onlyAnswers(Sentence $s): bool
    {
        $answers = $s->all(W::Answers);
        if ($answers === [] || array_filter($s->all(...self::MORE), static fn (Hit $h): bool => ! self::isWithin($h, $answers)) !== []) {
            return false;
        }
        $clauses = array_map(static fn (Hit $h): int => $h->clause, $answers);
        $sends = array_map(static fn (Hit $h): int => $h->from, $s->all(W::Sends));
        $addresses = $s->all(W::Details, W::FieldEmail);
        foreach ($s->all(W::Sends, W::Gets, W::Vague, W::Carrier, ...W::means()) as $hit) {
            // "We use your email address to": what is used, and not how it comes.
            if ($hit->class !== W::Sends && self::isWithin($hit, $addresses) && $s->inClause($hit->clause, W::Uses)) {
                continue;
            }
            // "By sending this message": what is done, and not what comes of it.
            if (self::isWithin($hit, $s->all(W::Does))) {
                continue;
            }
            // "What I sent", "contact me about my request", "by phone": beside the answer, or done by whoever is answered.
            $beside = in_array($hit->clause, $clauses, true) || ($hit->class === W::Sends && ($s->inClause($hit->clause, W::I) || self::isDone($s, $hit)));
            $saysMore = $hit->class === W::Vague && ! in_array($hit->from, $sends, true) && ! self::isWithin($hit, $answers);
            if (! $beside || $saysMore || self::isAbout($s, $hit, $answers)) {
                return false;
            }
        }

        return true;
    }

    /** "Send the form", what a button says ("by pressing Send"), and by what one agrees ("by sending my application"). */
    private static function isDone(Sentence $s, Hit $sends): bool
    {
        $pressed = static fn (Hit $does): bool => $does->to <= $sends->from && $sends->from - $does->to <= self::BUTTON;

        return self::isWithin($sends, $s->all(W::Does)) || array_filter($s->within($sends->clause, W::Does), $pressed) !== [] || self::isBy($s, $sends);
    }

    /** "By sending your application you agree": before it is agreed to anything. */
    private static function isBy(Sentence $s, Hit $sends): bool
    {
        $agrees = $s->all(W::Agrees)[0] ?? null;
        $by = array_filter($s->all(W::By), static fn (Hit $h): bool => $h->to <= $sends->from) !== [] || $s->clauseOf($sends)->opener === W::When;

        return $by && $agrees !== null && $sends->to <= $agrees->from && ! $s->inClause($sends->clause, W::Self);
    }

    /** @param  list<Hit>  $longer */
    private static function isWithin(Hit $hit, array $longer): bool
    {
        return array_filter($longer, static fn (Hit $h): bool => $h->from <= $hit->from && $hit->to <= $h->to) !== [];
    }

    /**
     * "Emails about new routes": of something else than what was asked.
     *
     * @param  non-empty-list<Hit>  $answers
     */
    private static function isAbout(Sentence $s, Hit $sent, array $answers): bool
    {
        foreach ($s->all(W::From) as $about) {
            if ($about->from === $sent->to && ! self::isWithin($about, $answers)) {
                return true;
            }
        }

        return false;
    }
}
