<div id="sheet-body" @class(['sheet-grid', 'two' => $page->judged->proof() === null])
 data-change="{{ $page->to('change') }}" data-judge="{{ $page->to('judge') }}"
 data-since="{{ $page->to('show') }}/since" data-view="{{ http_build_query($page->judged->proof()->query ?? []) }}">
@include('records.state', ['part' => false])
<fieldset class="page parts" @disabled(! $page->mayWrite)>
<legend class="sr-only">{{ ucfirst($page->record->kind->noun()) }}</legend>
<x-conflicts :of="$page->conflicts" :news="$page->news" />
@include('records.'.$page->record->kind->value, ['form' => $page->judged->form])
</fieldset>
@if ($page->judged->proof() !== null)@include('records.mail-proof', ['proof' => $page->judged->proof(), 'part' => false])@endif
@include('records.margin', ['part' => false])
</div>
