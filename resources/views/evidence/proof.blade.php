<aside id="proof-of-act" class="margin" aria-label="Proof of the chosen act" @if ($oob) hx-swap-oob="true" @endif>
@if ($page->shown)
<p class="soft">Shown on {{ $page->shown->when }}</p>
<div class="print"><iframe sandbox title="The form as it was shown, with this person's answers" src="{{ $page->shown->link }}"></iframe></div>
<p class="soft">The bytes frozen at publishing, with the answers put in.</p>
@endif
@if ($page->chosen)
@include('evidence.chosen', ['act' => $page->chosen])
@endif
</aside>
