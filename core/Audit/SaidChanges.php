<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Words\WordClass;

/**
 * In what two readings differ besides their controls and fields: sentences about consent that came or went, a yes that nobody sees, and the notice or
 * the terms that are linked no more.
 */
final class SaidChanges
{
    /** What a sentence does that somebody who watches a form must see come and go. */
    private const SAID = [
        Meaning::Announced, Meaning::AsksForNo, Meaning::TakenFromAct, Meaning::TakenFromSigningUp, Meaning::YesWritten, Meaning::Assumed,
        Meaning::Condition, Meaning::Exchange, Meaning::Voluntary, Meaning::PassedOn, Meaning::TheyWrite, Meaning::CanEnd, Meaning::HardToEnd,
        Meaning::NeverEnds, Meaning::CanObject, Meaning::RateGiven, Meaning::Measured, Meaning::Profiled, Meaning::HealthUsed, Meaning::Transferred,
        Meaning::TermsAgreed, Meaning::NoticeAgreed, Meaning::NoticeRead, Meaning::TickedAlready,
    ];

    /** @return list<FormChange> */
    public static function between(Reading $before, Reading $after): array
    {
        return [...self::sentences($before, $after), ...self::hidden($before, $after), ...self::links($before, $after)];
    }

    /** @return list<FormChange> */
    private static function sentences(Reading $before, Reading $after): array
    {
        if ($before->text === $after->text) {
            return [];
        }
        [$was, $is] = [self::saidIn($before), self::saidIn($after)];
        [$gone, $new] = [array_diff_key($was, $is), array_diff_key($is, $was)];
        $changes = [];
        foreach ($new as $sentence) {
            $like = Likeness::likest(array_values($gone), $sentence);
            if ($like !== null) {
                unset($gone[array_search($like, $gone, true)]);
                $changes[] = new FormChange(ChangeKind::WordsOther, 'A sentence is another.', self::place($after), $like, $sentence);
            } else {
                $changes[] = new FormChange(ChangeKind::SentenceAdded, 'A sentence stands there that did not.', self::place($after), '', $sentence);
            }
        }
        foreach ($gone as $sentence) {
            $changes[] = new FormChange(ChangeKind::SentenceGone, 'A sentence is gone.', null, $sentence, '');
        }

        return $changes;
    }

    /** @return array<string, string> by their words, sentences about consent that stand in no label: those are told with their control */
    private static function saidIn(Reading $reading): array
    {
        $labels = implode('|', array_map(static fn (Control $c): string => implode(' ', Likeness::words($c->label)), $reading->controls));
        $said = [];
        foreach (preg_split('~(?<=[.!?])\s+|\n~u', $reading->text) ?: [] as $sentence) {
            $words = implode(' ', Likeness::words($sentence));
            if ($words !== '' && ! str_contains($labels, $words) && $reading->listener()->hears($sentence, ...self::SAID)) {
                $said[$words] = $sentence;
            }
        }

        return $said;
    }

    /** @return list<FormChange> */
    private static function hidden(Reading $before, Reading $after): array
    {
        $agrees = static fn (HiddenInput $i): bool => ! $i->isTwin && HiddenInput::saysYes($i->name, $i->value);
        $was = array_map(static fn (HiddenInput $i): string => $i->name, array_filter($before->page->hidden ?? [], $agrees));
        $new = array_filter($after->page->hidden ?? [], static fn (HiddenInput $i): bool => $agrees($i) && ! in_array($i->name, $was, true));

        return array_values(array_map(static fn (HiddenInput $i): FormChange => new FormChange(
            ChangeKind::HiddenYes, 'Something is sent that nobody sees, and says yes.', $i->where, '', "$i->name: $i->value"
        ), $new));
    }

    /** @return list<FormChange> */
    private static function links(Reading $before, Reading $after): array
    {
        $isLegal = static fn (PageLink $l): bool => $l->leadsSomewhere()
            && $before->listener()->speaksOfRarely($l->text, WordClass::Notice, WordClass::Terms);
        $there = array_map(static fn (PageLink $l): string => implode(' ', Likeness::words($l->text)), $after->around->links);
        $hrefs = array_map(static fn (PageLink $l): string => $l->href, $after->around->links);
        $gone = [];
        foreach (array_filter($before->around->links, $isLegal) as $link) {
            $name = implode(' ', Likeness::words($link->text));
            if (! in_array($name, $there, true) && ! in_array($link->href, $hrefs, true)) {
                $gone[$name] = new FormChange(ChangeKind::LinkGone, 'A link is gone.', null, "$link->text: $link->href", '');
            }
        }

        return array_values($gone);
    }

    private static function place(Reading $reading): ?Selector
    {
        return $reading->where instanceof Selector ? $reading->where : null;
    }
}
