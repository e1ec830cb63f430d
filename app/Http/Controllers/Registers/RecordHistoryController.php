<?php

declare(strict_types=1);

namespace App\Http\Controllers\Registers;

use App\Actions\Registers\RecordPage;
use App\Models\Edition;
use App\Models\Record;
use App\Models\RecordKind;
use App\Models\Revision;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Juramen\Points\RecordDifference;
use Juramen\Wording\Difference;

/** Any two states or languages of a record, compared; its revisions, proposals and editions. */
final class RecordHistoryController
{
    public function __construct(private readonly RecordPage $page) {}

    public function show(Request $request, RecordKind $kind, string $slug): View
    {
        $record = $this->page->find($kind, $slug);
        $revisions = $record->revisions()->with('author')->orderByDesc('number')->limit(200)->get();
        $editions = $record->editions()->with('approver')->orderByDesc('number')->get();
        $states = [...$editions->map(static fn (Edition $e): string => "e{$e->number}")->all(), ...$revisions->map(static fn (Revision $r): string => "r{$r->number}")->all()];
        $to = in_array($request->query('to'), $states, true) ? (string) $request->query('to') : $states[0];
        $from = in_array($request->query('from'), $states, true) ? (string) $request->query('from') : ($states[1] ?? $to);
        $texts = array_keys((array) ($this->document($record, $to)['texts'] ?? []));
        [$left, $right] = [(string) $request->query('left'), (string) $request->query('right')];

        return view('records.history', [
            'record' => $record, 'thing' => $this->page->of($record, $this->page->newest($record))['thing'], 'revisions' => $revisions, 'editions' => $editions, 'states' => $states, 'from' => $from, 'to' => $to,
            'proposals' => $record->proposals()->with('submitter', 'decider')->orderByDesc('id')->get(),
            'difference' => RecordDifference::between($this->document($record, $from), $this->document($record, $to)),
            'texts' => $texts, 'left' => $left, 'right' => $right,
            'languages' => in_array($left, $texts, true) && in_array($right, $texts, true)
                ? Difference::between((string) $this->document($record, $to)['texts'][$left], (string) $this->document($record, $to)['texts'][$right]) : null,
        ]);
    }

    /** @return array<string, mixed> of "e2", an edition, or "r7", a revision */
    private function document(Record $record, string $state): array
    {
        $number = (int) substr($state, 1);

        return $state[0] === 'e' ? $record->editions()->where('number', $number)->firstOrFail()->document() : $record->revisions()->where('number', $number)->firstOrFail()->document;
    }
}
