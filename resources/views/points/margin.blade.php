<aside id="margin" class="margin" aria-label="Notes" @if ($part) data-part @endif>
<h2 class="soft">Notes</h2>
<x-notes :of="$page->margin->notes" :to-write="$page->margin->toWrite" :mend="route('points.mend', $page->point->slug)" />
</aside>
