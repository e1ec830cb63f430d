<div id="sheet-body" class="sheet-grid two" data-change="{{ $page->to('change') }}" data-judge="{{ $page->to('judge') }}"
 data-since="{{ $page->to('show') }}/since">
@include('records.state', ['part' => false])
<fieldset class="page parts" @disabled(! $page->mayWrite)>
<legend class="sr-only">{{ ucfirst($page->record->kind->noun()) }}</legend>
<x-conflicts :of="$page->conflicts" :news="$page->news" />
@include('records.'.$page->record->kind->value, ['form' => $page->judged->form])
</fieldset>
@include('records.margin', ['part' => false])
</div>
