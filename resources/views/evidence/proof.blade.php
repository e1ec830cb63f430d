<aside id="proof-of-act" class="margin" aria-label="Proof of the chosen act" @if ($oob) hx-swap-oob="true" @endif>
@if ($page->shown)
<p class="soft">Shown on {{ $page->shown->when }}</p>
@foreach ($page->shown->pages as $link)
@if (count($page->shown->pages) > 1)<p class="soft">Page {{ $loop->iteration }} of {{ $loop->count }}</p>@endif
<div class="print"><iframe sandbox
 title="{{ count($page->shown->pages) > 1 ? "Page $loop->iteration of the" : 'The' }} form as it was shown, with this person's answers"
 src="{{ $link }}"></iframe></div>
@endforeach
<p class="soft">The bytes frozen at publishing, with the answers put in.</p>
@endif
@if ($page->chosen)
@include('evidence.chosen', ['act' => $page->chosen])
@endif
</aside>
