@extends('office.layout')
@section('title', 'Enquiries')
@section('state', $page->state)
@section('content')
@include('points.tabs')
<div class="page">
<form method="get" class="ask"><x-keeps-sort :by="$page->filter->sorting" />
<label for="state">Those that are</label><x-options id="state" :of="$page->states" />
<label for="point">of</label><x-options id="point" :of="$page->points" />
<label for="q">with</label><input id="q" name="q" type="search" value="{{ $page->filter->words }}" placeholder="an address, or words">
<button>Show</button><a href="{{ $page->csv }}">CSV, without addresses</a>
</form>
@if ($page->rows === [])
<p>@if ($page->filter->words !== '' || $page->filter->point !== '' || $page->filter->state !== 'open')No enquiry matches.
<a href="{{ route('enquiries') }}">Show all that are not closed</a>@else Nothing waits here. What people send with a form that serves something else than
consent stands here, whatever they ticked, until it is closed; {{ $page->days }} days after that it is deleted by itself.@endif</p>
@else
<table>
<caption>Enquiries</caption>
<thead><tr>@can('decide', App\Models\Enquiry::class)<x-pick-all />@endcan<x-sorted column="received" :by="$page->filter->sorting">Received</x-sorted>
<th scope="col">From</th><th scope="col">What was sent</th><x-sorted column="form" :by="$page->filter->sorting">Form</x-sorted>
<th scope="col">Stands</th><x-sorted column="deleted" :by="$page->filter->sorting">Deleted by itself</x-sorted></tr></thead>
<tbody>
@foreach ($page->rows as $row)
<tr>
@can('decide', App\Models\Enquiry::class)<x-pick :id="$row->id" :what="$row->email" />@endcan
<td class="line">{{ $row->received }}</td>
<td><a href="{{ route('enquiries.show', $row->id) }}">{{ $row->email }}</a></td>
<td>@if ($row->doubtful)<span class="tag">perhaps not a person</span> @endif{{ $row->first }}</td>
<td>{{ $row->form }}</td>
<td>{{ $row->stands }}@if ($row->due !== '')<br><strong>answer by {{ $row->due }}</strong>@endif</td>
<td class="line">{{ $row->deleted }}</td>
</tr>
@endforeach
</tbody>
</table>
@can('decide', App\Models\Enquiry::class)
<x-several :action="route('enquiries.several')" what="enquiries"><button name="act" value="close">Close them</button>
<x-sure does="Delete them" asks="Nothing of them is kept." name="act" value="delete" /></x-several>
@endcan
{{ $page->pages }}
@endif
</div>
@endsection
