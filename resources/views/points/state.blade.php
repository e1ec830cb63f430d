<div id="sheet-state" class="sheet-state" @if ($part) data-part @endif>
<input type="hidden" id="base" name="base" value="{{ $page->revision->number }}">
<h1>{{ $page->name }}</h1>
<p class="soft" role="status">@if ($page->point->paused_at)<b class="weakness">paused</b> · @endif
@if ($page->isPublished)edition {{ $page->edition }} in force
@else draft{{ $page->edition ? ' after edition '.$page->edition : '' }} · saved {{ $page->saved }}@endif
 · <a href="{{ $page->to('history') }}">history</a>
@if ($page->edition) · <a href="{{ route('points.flow', $page->point->slug) }}">how it goes</a> ·
<a href="{{ route('form', [$page->point->slug, $page->proof->language]) }}">as visitors see it</a>
@if ($page->draws) · <a href="{{ $page->to('draw') }}">the draw</a>@endif @endif</p>
@if ($page->may)
<button type="button" class="plain" id="undo" data-act="{{ $page->to('undo') }}" @disabled(! $page->canUndo)>Undo <kbd>Ctrl Z</kbd></button>
<button type="button" class="plain" id="redo" data-act="{{ $page->to('redo') }}" @disabled(! $page->canRedo)>Redo</button>
@endif
@if ($page->may && ! $page->mayPublish && ! $page->isPublished)
@if ($page->isHandedOver)<a id="hand-over" href="{{ $page->to('publish') }}">handed over</a>
@else<a class="do" id="hand-over" href="{{ $page->to('publish') }}">Hand over for publishing…</a>@endif
@endif
@if ($page->mayPublish)
@if ($page->isPublished)<span class="soft">nothing to publish</span>
@else<a class="do" id="publish" href="{{ $page->to('publish') }}">Publish edition {{ ($page->edition ?? 0) + 1 }}…</a>@endif
@if ($page->edition)<a id="pause" href="{{ $page->to('pausing') }}">{{ $page->point->paused_at ? 'Put it on again…' : 'Pause…' }}</a>@endif
@endif
<div id="sheet-said"></div>
</div>
