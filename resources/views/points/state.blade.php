<div id="sheet-state" class="sheet-state" @if ($oob) hx-swap-oob="true" @endif>
<input type="hidden" id="base" name="base" value="{{ $revision->number }}">
<h1>{{ $sheet->name }}</h1>
<p class="soft" role="status">@if ($point->paused_at)<b class="weakness">paused</b> · @endif
@if ($isPublished)edition {{ $edition->number }} in force
@else draft{{ $edition ? ' after edition '.$edition->number : '' }} · saved {{ $revision->saved_at->utc->setTimezone(App\Support\Moments::zone())->format('H:i') }}@endif
 · <a href="{{ route('points.history', $point->slug) }}">history</a>@if ($edition) · <a href="{{ route('form', [$point->slug, $shown->value]) }}">as visitors see it</a>@endif</p>
@can('change', App\Models\Point::class)
<button type="button" class="plain" id="undo" hx-post="{{ route('points.undo', $point->slug) }}" @disabled(! $undo)>Undo <kbd>Ctrl Z</kbd></button>
<button type="button" class="plain" id="redo" hx-post="{{ route('points.redo', $point->slug) }}" @disabled(! $redo)>Redo</button>
@endcan
@can('publish', App\Models\Point::class)
@if ($isPublished)<span class="soft">nothing to publish</span>@else<a class="do" id="publish" href="{{ route('points.publish', $point->slug) }}">Publish edition {{ ($edition->number ?? 0) + 1 }}…</a>@endif
@endcan
@if ($edition)
@can('publish', App\Models\Point::class)<a id="pause" href="{{ route('points.pausing', $point->slug) }}">{{ $point->paused_at ? 'Put it on again…' : 'Pause…' }}</a>@endcan
@endif
<div hx-get="{{ route('points.since', [$point->slug, $revision->number]) }}" hx-trigger="every 4s" id="since"></div>
<div id="sheet-said"></div>
</div>
