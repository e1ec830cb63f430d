@php
$may = auth()->user()->can('write', [App\Models\Record::class, $record->kind]) && $record->retired_at === null;
$id = fn (string $place): string => 'at-'.str_replace('/', '-', $place);
$here = [$record->kind->value, $record->slug];
$to = ['change' => route('records.change', $here), 'judge' => route('records.judge', $here), 'mend' => route('records.mend', $here)];
$numbers = [];
foreach ($judgement->notes ?? [] as $note) {
    $numbers[$note->result->where ?? ''][] = $note;
}
$marks = fn (string $place): array => $numbers[$place] ?? [];
@endphp
<div id="sheet-body" class="sheet-grid two" hx-include="#base" hx-swap="none">
@include('records.state', ['oob' => false])
<fieldset class="page parts" @disabled(! $may)>
<legend class="sr-only">{{ ucfirst($record->kind->noun()) }}</legend>
@include('fields.conflicts', ['change' => $to['change']])
@include('records.'.$record->kind->value)
</fieldset>
@include('records.margin', ['oob' => false])
</div>
