@extends('office.layout')
@section('title', 'Enquiries')
@section('state', $page->state)
@section('content')
@include('points.tabs')
<div class="page">
<form method="get" class="ask">
<label for="point">Those of</label><select id="point" name="point"><option value="">every point</option>
@foreach ($page->points as $each)<option @selected($each->chosen)>{{ $each->text }}</option>@endforeach</select>
<button>Show</button><a href="{{ $page->csv }}">CSV, without addresses</a>
</form>
@if ($page->rows === [])
<p>Nothing is kept here. What people send with a form that serves something else than consent stands here, whatever they ticked.</p>
@else
<table>
<caption>Enquiries, newest first</caption>
<thead><tr><th scope="col">Received</th><th scope="col">From</th><th scope="col">What was sent</th><th scope="col">Form</th>
<th scope="col">Deleted by itself</th>
@can('decide', App\Models\Enquiry::class)<th scope="col">Decide</th>@endcan</tr></thead>
<tbody>
@foreach ($page->rows as $row)
<tr>
<td class="line">{{ $row->received }}</td>
<td>{{ $row->email }}</td>
<td>@foreach ($row->values as $each)<span class="soft">{{ $each->name }}</span> {{ $each->value }}<br>@endforeach</td>
<td>{{ $row->form }}</td>
<td class="line">{{ $row->deleted }}</td>
@can('decide', App\Models\Enquiry::class)
<td><form method="post" action="{{ $row->delete }}">@csrf<button class="plain">Delete</button></form></td>
@endcan
</tr>
@endforeach
</tbody>
</table>
{{ $page->pages }}
@endif
</div>
@endsection
