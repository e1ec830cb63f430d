<aside id="margin" class="margin" aria-label="Notes" @if ($oob) data-part @endif>
<p class="soft">Margin</p>
<x-notes :of="$page->margin->notes" :mend="route('points.mend', $page->point->slug)" />
</aside>
