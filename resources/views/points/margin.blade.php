<aside id="margin" class="margin" aria-label="Notes" @if ($part) data-part @endif>
<x-notes-head :says="$page->margin->summary()" />
<x-notes :of="$page->margin->notes" :to-write="$page->margin->toWrite" :mend="route('points.mend', $page->point->slug)" />
</aside>
