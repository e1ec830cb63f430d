<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Place;
use Juramen\Register\RecordName;

/** A duty that is kept or missed by what is done, which no form shows: it is judged in audits, of points of ours, by what the ledger and deliveries tell. */
abstract class PracticeRequirement extends FormRequirement
{
    final public function judgedBy(): JudgedBy
    {
        return JudgedBy::Practice;
    }

    final public function judge(Reading $reading): array
    {
        return $this->notApplicable('It is judged by what was done, not by what can be read.');
    }

    /** @return non-empty-list<Result> */
    abstract public function weigh(Practice $practice): array;

    /**
     * A finding where something happened, with how often before its words.
     *
     * @param  string  $one  what happened once, such as "person was"
     * @param  string  $many  what happened more often, such as "people were"
     * @return Result|null null where it never did
     */
    protected function counted(Verdict $verdict, Practice $practice, Deed $deed, string $one, string $many, string $says, string $mend): ?Result
    {
        $times = $practice->count($deed);

        return $times === 0 ? null
            : $this->found($verdict, $deed, number_format($times).' '.($times === 1 ? $one : $many).' '.$says, $mend, $times);
    }

    /** @param  int  $times  how often it happened: whoever accepts it accepts so many, and not more */
    protected function found(Verdict $verdict, Deed $deed, string $says, string $mend, int $times): Result
    {
        return new Result($this, $verdict, $says, Place::of('practice', $deed->value), null, $mend, times: $times);
    }

    /** The same of what lacks on a record: its place leads there. */
    protected function onRecord(RecordName $record, Verdict $verdict, string $says, string $mend, int $times): Result
    {
        return new Result($this, $verdict, $says, Place::of('records', $record->kind->value, $record->slug), null, $mend, times: $times);
    }

    /**
     * @param  list<Result|null>  $findings
     * @return non-empty-list<Result>
     */
    protected function allOr(array $findings, string $met): array
    {
        $findings = array_values(array_filter($findings));

        return $findings === [] ? $this->met($met) : $findings;
    }
}
