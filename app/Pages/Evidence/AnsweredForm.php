<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

use App\Actions\Consent\PersonalValues;
use App\Support\PublishedForms;
use Juramen\Consent\Acts\Declined;
use Juramen\Consent\Acts\Given;
use Juramen\Consent\Answer;
use Juramen\Consent\Entry;
use Juramen\Consent\OwnValues;
use Juramen\Consent\Target;
use Juramen\Log\Disclosure;
use Juramen\Points\Control;
use Juramen\Points\Field;
use Juramen\Points\Filling;
use Juramen\Points\Said;
use Juramen\Register\Channel;
use Juramen\Wording\Statement;

/** A page of a form as it was frozen, with everything that somebody answered on it, as far as it is kept. */
final class AnsweredForm
{
    public function __construct(private readonly PublishedForms $published, private readonly PersonalValues $personal) {}

    /**
     * @param  list<Entry>  $chain  of the person
     * @param  Given  $given  what the entry records
     * @param  int  $page  number of the page, from 1
     */
    public function __invoke(array $chain, Entry $entry, Given $given, int $page): string
    {
        $edition = $this->published->edition($given->edition);
        $kept = OwnValues::of($chain)->has($entry) ? $this->personal->ofEntry($entry->id) : [];
        $draft = $edition->sheet->draft;
        $value = static fn (Field $field): string => array_values(
            array_filter($kept, static fn (Disclosure $d): bool => $d->name === $draft->disclosedAs($field))
        )[0]->value ?? '';
        $ticked = [];
        foreach ($draft->controls as $control) {
            $said = self::said($control, $edition->sheet->statement($control->statement), $given, self::declinedWith($chain, $given));
            array_push($ticked, ...($said === null ? [] : $said->inputs($control)));
        }
        $filling = new Filling(
            array_merge(...array_map(static fn (Field $f): array => $f->typedAs($value($f), $given->language), $draft->fields)), $ticked,
            leftOut: $given->notShown, readOnly: true,
        );

        return $this->published->form($edition, $given->language, $page, $given->version)->with($filling->pieces());
    }

    /** @return int how many pages the form had */
    public function pages(Given $given): int
    {
        return count($this->published->edition($given->edition)->in($given->language)->pages);
    }

    /**
     * What was answered with no on the same form at the same time.
     *
     * @param  list<Entry>  $chain
     */
    private static function declinedWith(array $chain, Given $given): ?Declined
    {
        foreach ($chain as $entry) {
            if ($entry->act instanceof Declined && $entry->act->occurred->equals($given->occurred) && $entry->act->edition->equals($given->edition)) {
                return $entry->act;
            }
        }

        return null;
    }

    private static function said(Control $control, ?Statement $statement, Given $given, ?Declined $declined): ?Said
    {
        $is = static fn (Answer $a): bool => $a->statement === $control->statement->text;
        if ($statement === null) {
            return null;
        }
        if (array_filter($given->answers, $is) !== []) {
            $given = array_map(static fn (Target $t): string => $t->key(), $given->targets);
            $by = static fn (Channel $c): bool => in_array((new Target($statement->purpose->text, $c))->key(), $given, true);

            return Said::kept($statement, array_values(array_filter($statement->channels, $by)));
        }

        return $declined !== null && array_filter($declined->answers, $is) !== [] ? Said::kept($statement, []) : null;
    }
}
