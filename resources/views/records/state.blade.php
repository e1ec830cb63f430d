@php
$here = [$record->kind->value, $record->slug];
$mayWrite = auth()->user()->can('write', [App\Models\Record::class, $record->kind]) && $record->retired_at === null;
$mayApprove = auth()->user()->can('approve', App\Models\Record::class);
$edition = $editions->first();
$time = $revision->saved_at->utc->setTimezone(App\Support\Moments::zone())->format('H:i');
@endphp
<div id="sheet-state" class="sheet-state" @if ($oob) hx-swap-oob="true" @endif>
<input type="hidden" id="base" name="base" value="{{ $revision->number }}">
<h1>{{ App\Support\RecordNames::title($record->kind, $record->slug, $thing) }}</h1>
<p class="soft" role="status">@if ($state === 'retired')retired {{ App\Support\Moments::date($record->retired_at) }}: {{ $record->retired_why }} @elseif ($state === 'in force')edition {{ $edition->number }} in force @elseif ($state === 'approved')edition {{ $edition->number }} approved, {{ $edition->effective > now()->format('Y-m-d') ? 'holds from '.App\Support\Moments::plain($edition->effective) : 'shown at no point yet' }} @elseif ($state === 'submitted')submitted by {{ $proposal->submitter->name }} · saved {{ $time }} @else draft{{ $edition ? ' after edition '.$edition->number : '' }} · saved {{ $time }}@endif · <a href="{{ route('records.history', $here) }}">history</a></p>
@if ($mayWrite)
<button type="button" class="plain" id="undo" hx-post="{{ route('records.undo', $here) }}" @disabled(! $undo)>Undo <kbd>Ctrl Z</kbd></button>
<button type="button" class="plain" id="redo" hx-post="{{ route('records.redo', $here) }}" @disabled(! $redo)>Redo</button>
@endif
@if ($state === 'draft' || $state === 'submitted')
@if ($mayApprove)<a class="do" id="review" href="{{ route('records.review', $here) }}">Review and approve…</a>
@elseif ($mayWrite && $state === 'draft')<a class="do" id="review" href="{{ route('records.review', $here) }}">Submit for approval…</a>
@else<a href="{{ route('records.review', $here) }}" id="review">waits for approval</a>@endif
@endif
<div hx-get="{{ route('records.since', [...$here, $revision->number]) }}" hx-trigger="every 4s" id="since"></div>
<div id="sheet-said"></div>
</div>
