<?php

declare(strict_types=1);

namespace App\Pages\Registers;

use App\Models\ApprovedEdition;
use App\Models\Record;
use App\Models\Revision;
use App\Pages\Controls\Option;
use Juramen\Canon\Document;
use Juramen\Canon\Place;
use Juramen\Points\RecordDifference;
use Juramen\Points\Records;
use Juramen\Register\Language;
use Juramen\Wording\Difference;

/** Brings together the history of a record. */
final class ShowHistory
{
    private const MOST = 200;

    /**
     * @param  string  $from  "e2", an edition, or "r7", a revision; the one before where none is named
     * @param  string  $left  tag of a language
     */
    public function of(Record $record, string $from, string $to, string $left, string $right): RecordHistory
    {
        $revisions = $record->revisions()->with('author')->orderByDesc('number')->limit(self::MOST)->get();
        $editions = $record->editions()->with('approver')->orderByDesc('number')->get();
        $states = [
            ...array_values($editions->map(static fn (ApprovedEdition $e): string => "e{$e->number}")->all()),
            ...array_values($revisions->map(static fn (Revision $r): string => "r{$r->number}")->all()),
        ];
        $to = in_array($to, $states, true) ? $to : $states[0];
        $from = in_array($from, $states, true) ? $from : ($states[1] ?? $to);
        $document = $this->document($record, $to);
        $languages = array_values(array_filter(array_map(Language::tryFrom(...), $document->within(Place::of('texts')))));
        [$l, $r] = [Language::tryFrom($left), Language::tryFrom($right)];
        $options = static fn (?Language $chosen): array => count($languages) < 2 ? [] : array_map(
            static fn (Language $x): Option => new Option($x->value, $x->endonym(), $x === $chosen), $languages
        );
        $both = $l !== null && $r !== null && in_array($l, $languages, true) && in_array($r, $languages, true);

        return new RecordHistory(
            $record, $record->titled(Records::read($record->kind, $record->newestRevision()->document)),
            self::options($states, $from), self::options($states, $to),
            self::label($from).' and '.self::label($to), self::label($to), RecordDifference::between($this->document($record, $from), $document),
            $options($l), $options($r),
            $both ? "{$l->endonym()} and {$r->endonym()}" : '',
            $both ? Difference::between($document->text(Place::of('texts', $l->value)), $document->text(Place::of('texts', $r->value))) : null,
            $revisions, HistoryRow::all($revisions), $editions, $record->proposals()->with('submitter', 'decider')->orderByDesc('id')->get(),
        );
    }

    private function document(Record $record, string $state): Document
    {
        $number = (int) substr($state, 1);

        return $state[0] === 'e' ? $record->editions()->where('number', $number)->firstOrFail()->document() : $record->revisions()
            ->where('number', $number)->firstOrFail()->document;
    }

    /**
     * @param  list<string>  $states
     * @return list<Option>
     */
    private static function options(array $states, string $chosen): array
    {
        return array_map(static fn (string $state): Option => new Option($state, self::label($state), $state === $chosen), $states);
    }

    private static function label(string $state): string
    {
        return ($state[0] === 'e' ? 'edition ' : 'revision ').substr($state, 1);
    }
}
