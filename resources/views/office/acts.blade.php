@extends('office.layout')
@section('title', 'What was done here')
@section('state', 'by those who work here; nothing is ever taken from it')
@section('content')
<div class="page">
<form method="get" class="ask"><x-keeps-sort :by="$page->filter->sorting" />
<label for="who">What</label><x-options id="who" :of="$page->people" />
<label for="area">did about</label><x-options id="area" :of="$page->areas" />
<label for="from">from</label><input type="date" id="from" name="from" value="{{ $page->filter->from?->text }}">
<label for="to">to</label><input type="date" id="to" name="to" value="{{ $page->filter->to?->text }}">
<label for="q">with</label><input id="q" name="q" type="search" class="brief" autocomplete="off" value="{{ $page->filter->words }}">
<button>Show</button><a href="{{ $page->csv }}">CSV</a>
@if ($page->filter->query() !== [])<a href="{{ route('acts') }}">Show all</a>@endif
</form>
@if ($page->rows === [])
<p>Nothing like that was done.</p>
@else
<table>
<caption>Acts</caption>
<thead><tr><x-sorted column="at" :by="$page->filter->sorting" class="w-56">When</x-sorted><th scope="col">Who, and what</th></tr></thead>
<tbody>
@foreach ($page->rows as $row)
<tr><td class="line">{{ $row->at }}</td>
<td><p><b>{{ $row->who }}</b> @include('office.act')</p></td></tr>
@endforeach
</tbody>
</table>
{{ $page->pages }}
@endif
</div>
@endsection
