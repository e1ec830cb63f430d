<div id="sheet-state" class="sheet-state" @if ($part) data-part @endif>
<input type="hidden" id="base" name="base" value="{{ $page->revision->number }}">
<h1>{{ $page->title }}</h1>
<p class="soft" role="status">{{ $page->standing }} · <a href="{{ $page->to('history') }}">history</a></p>
@if ($page->mayWrite)
<button type="button" class="plain" id="undo" data-act="{{ $page->to('undo') }}" @disabled(! $page->canUndo)>Undo <kbd>Ctrl Z</kbd></button>
<button type="button" class="plain" id="redo" data-act="{{ $page->to('redo') }}" @disabled(! $page->canRedo)>Redo</button>
@endif
@if ($page->isOpen())
@if ($page->mayApprove)<a class="do" id="review" href="{{ $page->to('review') }}">Review and approve…</a>
@elseif ($page->mayWrite && $page->state === App\Models\RecordState::Draft)<a class="do" id="review" href="{{ $page->to('review') }}">Submit for approval…</a>
@else<a href="{{ $page->to('review') }}" id="review">waits for approval</a>@endif
@endif
<div id="sheet-said"></div>
</div>
