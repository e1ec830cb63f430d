@extends('office.layout')
@section('title', 'Audit')
@section('own-title', true)
@section('content')
<div class="title"><h1>Audit</h1><p class="soft">{{ $page->state }} · {{ $page->since }}</p>
<div class="acts">
@can('change', App\Models\ForeignForm::class)<a href="{{ route('audit.forms') }}#read">Read a form from elsewhere</a>@endcan
@can('take', App\Models\ForeignForm::class)<form method="post" action="{{ route('audit.take') }}">@csrf<button class="do">Take an audit</button></form>@endcan
</div></div>
@error('take')<p class="wrong said" role="alert">{{ $message }}</p>@enderror
@include('audit.tabs')
<div class="beside">
<div class="page">
<form method="get" class="ask" id="audit-filter">
<label for="q">Find</label><input id="q" name="q" value="{{ $page->filter->words }}" type="search" placeholder="a form's name">
<label for="controller">of</label><x-options id="controller" :of="$page->controllers" />
<label for="source">by</label><x-options id="source" :of="$page->sources" />
<label for="verdict">with</label><x-options id="verdict" :of="$page->verdicts" />
@if ($page->filter->everything)<input type="hidden" name="all" value="1">@endif
<button>Show</button>
<span class="held-together"><a href="{{ route('audit.export', ['csv', ...request()->query()]) }}">CSV</a>
<a href="{{ route('audit.export', ['json', ...request()->query()]) }}">JSON</a>
<a href="{{ route('audit.svg', request()->query()) }}">SVG</a></span>
</form>
@if ($page->forms === 0)
<p>No form matches. <a href="{{ route('audit') }}">Show all</a></p>
@else
@if ($page->grid->rows === [] || $page->grid->columns === [])
<p class="met">✓ No breach and no question on these forms.</p>
@else
@include('audit.grid', ['grid' => $page->grid])
@endif
<p class="soft legend">
@if ($page->filter->everything)<a href="{{ request()->fullUrlWithQuery(['all' => null]) }}">Only what is to be decided</a>
@elseif ($page->folded > 0)<a href="{{ request()->fullUrlWithQuery(['all' => 1]) }}">{{ $page->folded }} more requirements, with nothing to decide</a>@endif
<span><x-shape verdict="breach" /> breach</span> <span><x-shape verdict="weakness" /> weakness</span> <span><x-shape verdict="open" /> open</span>
<span><x-shape verdict="met" /> met</span> <span><x-shape verdict="not-applicable" /> not applicable</span> <span>blank: not asked here</span>
<span>What was done was counted on {{ $page->counted }}.</span></p>
@endif
</div>
@include('audit.found')
</div>
@endsection
@push('scripts')
<script src="/build/grid.js" defer></script>
@endpush
