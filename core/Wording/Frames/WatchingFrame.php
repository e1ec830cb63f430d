<?php

declare(strict_types=1);

namespace Juramen\Wording\Frames;

use Juramen\Wording\Words\Hit;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Sentence;
use Juramen\Wording\Words\WordClass as W;

/** What people open and click is measured, or a profile is made of them. */
final class WatchingFrame implements Frame
{
    public function id(): string
    {
        return 'watching';
    }

    public function meanings(): array
    {
        return [Meaning::Measured, Meaning::Profiled, Meaning::ShownToFit];
    }

    public function read(Passage $passage): array
    {
        $senses = [];
        foreach ($passage->sentences as $sentence) {
            $measure = array_values(array_filter($sentence->said(W::Measures), static fn (Hit $h): bool => ! self::isAskedOf($sentence, $h)))[0] ?? null;
            if ($measure !== null && $sentence->says(W::Opens)) {
                $senses[] = new Sense(Meaning::Measured, $passage->clauseWords($sentence, $measure->clause), 'It is said that opens or clicks are measured.');
            }
            // A survey is a study in the north, and asks people.
            $surveys = array_map(static fn (Hit $h): int => $h->from, $sentence->all(W::Survey));
            $profile = array_values(array_filter($sentence->said(W::Profiles), static fn (Hit $h): bool => ! in_array($h->from, $surveys, true)))[0] ?? null;
            if ($profile !== null && $sentence->has(W::I, W::You, W::Uses) && ! self::isOnlyHow($sentence)) {
                $words = $passage->clauseWords($sentence, $profile->clause);
                $senses[] = new Sense(Meaning::Profiled, $words, 'A profile is made of people, or their behaviour is analysed.');
                if (self::isToShow($sentence, $profile)) {
                    $senses[] = new Sense(Meaning::ShownToFit, $words, 'Behaviour is analysed so that what is shown fits.');
                }
            }
        }

        return $senses;
    }

    /** "Analysed in order to show me offers that suit me": no letter comes, and the one serves the other. */
    private static function isToShow(Sentence $s, Hit $profile): bool
    {
        $for = array_filter($s->all(W::InOrder), static fn (Hit $to): bool => $to->from >= $profile->to);
        $end = $for === [] ? $profile->to : reset($for)->from;
        $between = array_filter($s->all(W::Joins), static fn (Hit $and): bool => $and->from >= $profile->to && $and->to <= $end);

        return $for !== [] && $between === [] && ! $s->has(W::Gets, W::Subscribes, W::Carrier, ...W::means());
    }

    /** "Personalised offers": how they are chosen, and nothing that is done besides sending them. */
    private static function isOnlyHow(Sentence $s): bool
    {
        if ($s->has(W::Uses)) {
            return false;
        }
        $profiles = $s->said(W::Profiles);
        $at = static fn (Hit $what, Hit $how): bool => $what->from <= $how->to && $what->to >= $how->from;
        $sent = $s->all(W::Advertising, W::Vague, W::Carrier);
        foreach ($profiles as $how) {
            $of = static fn (Hit $what): bool => $at($what, $how) && ($what->from !== $how->from || $what->to !== $how->to);
            if (array_filter($sent, $of) === []) {
                return false;
            }
        }
        $besides = static fn (Hit $what): bool => array_filter($profiles, static fn (Hit $how): bool => $at($what, $how)) === [];

        return array_filter($s->said(W::Advertising), $besides) === [];
    }

    /** "Follow the link": what somebody is told to do measures nobody. */
    private static function isAskedOf(Sentence $s, Hit $measures): bool
    {
        return $measures->from === $s->clauseOf($measures)->from && ! $s->inClause($measures->clause, W::Self, W::May);
    }
}
