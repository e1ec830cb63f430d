<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Points\FieldMeaning;

/**
 * In what two readings differ: of a page, yesterday's and today's; of a copy, the edition in force and what stands there. Controls are told
 * apart by their words, the likest first, and fields by what they ask for.
 */
final class FormChanges
{
    /** @return list<FormChange> the gravest first */
    public static function between(Reading $before, Reading $after): array
    {
        $changes = [
            ...self::controls($before, $after), ...self::fields($before, $after), ...self::links($before, $after), ...self::sending($before, $after),
            ...SaidChanges::between($before, $after),
        ];
        usort($changes, static fn (FormChange $a, FormChange $b): int => (int) $b->kind->isGrave() <=> (int) $a->kind->isGrave());

        return $changes;
    }

    /** @return list<FormChange> */
    private static function controls(Reading $before, Reading $after): array
    {
        [$changes, $rest, $new] = [[], $before->controls, []];
        foreach ($after->controls as $control) {
            $was = self::takeLikest($rest, $control, 1.0);
            $was === null ? $new[] = $control : array_push($changes, ...self::answer($was, $control));
        }
        foreach ($new as $control) {
            $was = self::takeLikest($rest, $control);
            if ($was === null) {
                $changes[] = new FormChange(ChangeKind::ControlAdded, 'A box or choice stands there that did not.', $control->where, '', $control->label);

                continue;
            }
            $changes[] = new FormChange(ChangeKind::WordsOther, 'The words beside it are others.', $control->where, $was->label, $control->label);
            array_push($changes, ...self::answer($was, $control));
        }
        foreach ($rest as $control) {
            $changes[] = new FormChange(ChangeKind::ControlGone, 'A box or choice is gone.', null, $control->label, '');
        }

        return $changes;
    }

    /**
     * @param  array<int, Control>  $rest  among which it is; without it afterwards
     */
    private static function takeLikest(array &$rest, Control $control, float $least = Likeness::ALIKE): ?Control
    {
        $labels = array_map(static fn (Control $c): string => $c->label, $rest);
        $likest = Likeness::likest(array_values($labels), $control->label, $least);
        if ($likest === null) {
            return null;
        }
        $at = (int) array_search($likest, $labels, true);
        $found = $rest[$at];
        unset($rest[$at]);

        return $found;
    }

    /** @return list<FormChange> */
    private static function answer(Control $was, Control $is): array
    {
        if ($was->response === $is->response) {
            return [];
        }
        $said = static fn (Response $r): string => match ($r) {
            Response::Yes => 'yes', Response::No => 'no', Response::Unset => 'nothing'
        };

        return [new FormChange(
            ChangeKind::AnswerOther, "It stands on “{$said($is->response)}” beforehand, and stood on “{$said($was->response)}”.", $is->where, $was->label,
            $is->label
        )];
    }

    /** @return list<FormChange> */
    private static function fields(Reading $before, Reading $after): array
    {
        [$changes, $rest] = [[], $before->fields];
        foreach ($after->fields as $field) {
            $was = array_key_first(array_filter($rest, static fn (AskedField $f): bool => self::same($f, $field)));
            if ($was === null) {
                $changes[] = new FormChange(ChangeKind::FieldAdded, 'Something is asked that was not.', $field->where, '', $field->label);

                continue;
            }
            if ($rest[$was]->required !== $field->required) {
                $says = $field->required ? 'It must be filled in now.' : 'It need not be filled in any more.';
                $changes[] = new FormChange(ChangeKind::NeedOther, $says, $field->where, $rest[$was]->label, $field->label);
            }
            unset($rest[$was]);
        }
        foreach ($rest as $field) {
            $changes[] = new FormChange(ChangeKind::FieldGone, 'Something is not asked any more.', null, $field->label, '');
        }

        return $changes;
    }

    private static function same(AskedField $a, AskedField $b): bool
    {
        return $a->meaning === $b->meaning && ($a->meaning !== FieldMeaning::Other || Likeness::words($a->label) === Likeness::words($b->label));
    }

    /** @return list<FormChange> links within the form's words that lead elsewhere than links of the same words did */
    private static function links(Reading $before, Reading $after): array
    {
        $was = [];
        foreach ($before->around->links as $link) {
            $was[implode(' ', Likeness::words($link->text))][] = $link;
        }
        $changes = [];
        foreach ($after->around->links as $link) {
            $led = $was[implode(' ', Likeness::words($link->text))] ?? [];
            $there = array_filter($led, static fn (PageLink $l): bool => $l->href === $link->href
                || ($l->leadsSomewhere() === $link->leadsSomewhere() && self::path($l->href) === self::path($link->href)));
            if ($led !== [] && $there === []) {
                $changes[] = new FormChange(
                    ChangeKind::LinkOther, $link->leadsSomewhere() ? 'A link leads elsewhere.' : 'A link leads nowhere any more.', $link->where,
                    "{$led[0]->text}: {$led[0]->href}", "$link->text: $link->href"
                );
            }
        }

        return $changes;
    }

    /** An address without what counts visits. */
    private static function path(string $href): string
    {
        return rtrim((string) preg_replace('~[?#].*$~s', '', $href), '/');
    }

    /** @return list<FormChange> */
    private static function sending(Reading $before, Reading $after): array
    {
        $host = static fn (Reading $r): string => (string) parse_url((string) $r->page?->action, PHP_URL_HOST);

        return $before->page === null || $after->page === null || $host($before) === $host($after) ? [] : [new FormChange(
            ChangeKind::SentElsewhere, 'It is sent to another host.', $after->where instanceof Selector ? $after->where : null, $host($before), $host($after)
        )];
    }
}
