@extends('office.layout')
@section('title', 'Audit of '.$page->row->day)
@section('state', $page->row->sum())
@section('content')
@include('audit.tabs')
<div class="beside">
<div class="page">@include('audit.grid', ['grid' => $page->grid, 'filled' => false])</div>
<aside class="margin" aria-label="Beside another audit">
@if ($page->others === [])
<p class="soft">There is no other audit yet to lay beside it.</p>
@else
<form method="get" class="ask"><label for="with">Beside</label><x-options id="with" :of="$page->others" /><button>Compare</button></form>
<p><b>{{ ucfirst($page->sum) }}</b></p>
@foreach ($page->changes as $group)
<details @if ($group->open) open @endif><summary>{{ $group->title }} ({{ count($group->rows) }})</summary>
@foreach ($group->rows as $row)<section><p class="{{ $row->verdict }}"><x-shape :verdict="$row->verdict" /> {{ $row->word }}
<a class="ink" href="{{ route('requirement', $row->requirement) }}">{{ $row->name }}</a></p><p>{{ $row->form }}: {{ $row->says }}</p></section>@endforeach
</details>
@endforeach
@endif
<p>For an authority or the board: <a href="{{ route('audit.report', [$page->row->id, 'pdf']) }}">PDF</a>,
 <a href="{{ route('audit.report', [$page->row->id, 'html']) }}">HTML</a></p>
<p class="soft">In the ledger as <span class="mono">{{ $page->row->digest }}</span></p>
</aside>
</div>
@endsection
