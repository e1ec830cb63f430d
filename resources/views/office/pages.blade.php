@if ($paginator->hasPages())
<nav aria-label="Pages" class="pages">
@if (! $paginator->onFirstPage())<a href="{{ $paginator->previousPageUrl() }}" rel="prev">Newer</a>@endif
<span class="soft">Page {{ $paginator->currentPage() }} of {{ $paginator->lastPage() }}</span>
@if ($paginator->hasMorePages())<a href="{{ $paginator->nextPageUrl() }}" rel="next">Older</a>@endif
</nav>
@endif
