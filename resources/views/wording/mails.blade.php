@extends('office.layout')
@section('title', 'Mails')
@section('state', 'everything that leaves the house for somebody outside, in its own words or in ours')
@section('content')
@include('wording.tabs')
<div class="page registers">
@error('name-mail')<p class="wrong" role="alert">{{ $message }}</p>@enderror
<table><caption class="sr-only">Mails of the house</caption>
<thead><tr><th scope="col">Mail</th><th scope="col">When it goes out, and to whom</th><th scope="col">Words</th><th scope="col">Languages</th>
<th scope="col" class="figure">Signup points</th></tr></thead>
@foreach ($rows as $row)
@if ($loop->first || $rows[$loop->index - 1]->controllerId !== $row->controllerId)
<tbody><tr><th scope="rowgroup" colspan="5">{{ $row->controller }}</th></tr>
@endif
<tr><td>@if ($row->link)<a href="{{ $row->link }}">{{ $row->kind }}</a>@else{{ $row->kind }}@endif</td>
<td>{{ $row->when }}</td>
<td>{{ $row->words }}
@if ($row->link === null && $may)
<form method="post" action="{{ route('records.begin', 'mail') }}" class="inline">@csrf<input type="hidden" name="name" value="{{ $row->kindId }}">
<input type="hidden" name="controller" value="{{ $row->controllerId }}"><button class="plain"
 aria-label="Word it: {{ $row->kind }} of {{ $row->controller }}">Word it</button></form>
@endif</td>
<td>{{ $row->languages }}</td><td class="figure">{{ $row->points }}</td></tr>
@if ($loop->last || $rows[$loop->index + 1]->controllerId !== $row->controllerId)</tbody>@endif
@endforeach
</table>
<p class="soft"><a href="{{ route('wording.mails', ['as' => 'csv']) }}">As a file</a></p>
</div>
@endsection
