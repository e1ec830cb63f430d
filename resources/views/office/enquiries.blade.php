@extends('office.layout')
@section('title', 'Enquiries')
@section('state', $page->state)
@section('content')
@include('points.tabs')
<div class="page">
<form method="get" class="ask"><x-keeps-sort :by="$page->sorting" />
<label for="point">Those of</label><select id="point" name="point"><option value="">every point</option>
@foreach ($page->points as $each)<option value="{{ $each->value }}" @selected($each->chosen)>{{ $each->text }}</option>@endforeach</select>
<button>Show</button><a href="{{ $page->csv }}">CSV, without addresses</a>
</form>
@if ($page->rows === [])
<p>Nothing is kept here. What people send with a form that serves something else than consent stands here, whatever they ticked.</p>
@else
<table>
<caption>Enquiries, newest first</caption>
<thead><tr>@can('decide', App\Models\Enquiry::class)<x-pick-all />@endcan<x-sorted column="received" :by="$page->sorting">Received</x-sorted>
<th scope="col">From</th><th scope="col">What was sent</th><x-sorted column="form" :by="$page->sorting">Form</x-sorted>
<x-sorted column="deleted" :by="$page->sorting">Deleted by itself</x-sorted>
@can('decide', App\Models\Enquiry::class)<th scope="col">Decide</th>@endcan</tr></thead>
<tbody>
@foreach ($page->rows as $row)
<tr>
@can('decide', App\Models\Enquiry::class)<x-pick :id="$row->id" :what="$row->email" />@endcan
<td class="line">{{ $row->received }}</td>
<td>{{ $row->email }}</td>
<td>@foreach ($row->values as $each)<span class="soft">{{ $each->name }}</span> {{ $each->value }}<br>@endforeach</td>
<td>{{ $row->form }}</td>
<td class="line">{{ $row->deleted }}</td>
@can('decide', App\Models\Enquiry::class)
<td><form method="post" action="{{ $row->delete }}">@csrf<x-sure does="Delete it" asks="Nothing of it is kept." /></form></td>
@endcan
</tr>
@endforeach
</tbody>
</table>
@can('decide', App\Models\Enquiry::class)
<x-several :action="route('enquiries.several')" what="enquiries"><x-sure does="Delete them" asks="Nothing of them is kept." name="act"
 value="delete" /></x-several>
@endcan
{{ $page->pages }}
@endif
</div>
@endsection
