@extends('office.layout')
@section('title', 'Wording')
@section('state', count($rows).(count($rows) === 1 ? ' statement' : ' statements').' that people are or were asked')
@section('content')
@include('wording.tabs')
<div class="page">
<form method="get" class="ask"><x-keeps-sort :by="$sorting" /><label for="q">Find</label><input id="q" name="q" value="{{ $search }}" type="search">
<label for="state">among</label>
<select id="state" name="state">@foreach ($states as $option)<option value="{{ $option->value }}"
 @selected($option->chosen)>{{ $option->text }}</option>@endforeach</select>
<button>Find</button><a href="{{ request()->fullUrlWithQuery(['as' => 'csv']) }}">CSV</a></form>
@if ($rows === [])
<p>@if ($search === '' && $state === '')No statement is written yet. Begin with <a href="{{ route('wording.starters') }}">a starter</a>.
@else No such statement. <a href="{{ route('wording') }}">Show all</a>@endif</p>
@else
<table>
<caption>Statements</caption>
<thead><tr>
<x-sorted column="name" :by="$sorting">Statement</x-sorted><th scope="col">Words</th><x-sorted column="state" :by="$sorting">State</x-sorted>
<x-sorted column="points" :by="$sorting">In force at</x-sorted><x-sorted column="people" :by="$sorting" class="figure">People who agreed</x-sorted>
</tr></thead>
<tbody>
@foreach ($rows as $row)
<tr>
<td><a href="{{ route('records.show', ['statement', $row->id]) }}"><b>{{ $row->name }}</b></a><br><span class="soft">{{ $row->asks }}</span></td>
<td>@foreach (array_slice($row->words, 0, 1) as $words)<blockquote lang="{{ $words->language }}"
 class="mb-1 max-w-[58ch]">{{ $words->html }}</blockquote>@endforeach
@if (count($row->words) > 1)
<details><summary>{{ $row->others }}</summary>
@foreach (array_slice($row->words, 1) as $words)<blockquote lang="{{ $words->language }}"
 class="mb-1 max-w-[58ch]">{{ $words->html }}</blockquote>@endforeach</details>
@endif</td>
<td class="line">{{ $row->state }}<br><span class="soft">{{ $row->edition }}</span></td>
<td>{{ $row->points }}</td>
<td class="figure">{{ $row->people }}</td>
</tr>
@endforeach
</tbody>
</table>
@endif
@if ($may)
<x-begins kind="statement" label="Write a new statement called" class="begin"><label for="purpose">for</label><x-options id="purpose" :of="$purposes" />
<button>Begin</button> <span class="soft">or from <a href="{{ route('wording.starters') }}">a starter</a></span></x-begins>
@endif
</div>
@endsection
