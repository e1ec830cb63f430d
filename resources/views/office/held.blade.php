@extends('office.layout')
@section('title', 'Held submissions')
@section('state', $page->state)
@section('content')
<div class="page">
<p class="ask"><a href="{{ $page->csv }}">CSV, without addresses</a></p>
@if ($page->rows === [])
<p>Nothing is held. What screening doubts is kept here until somebody releases or deletes it, and is deleted by itself after {{ $page->days }} days.</p>
@else
<table>
<caption>Held submissions</caption>
<thead><tr>@can('decide', App\Models\HeldSubmission::class)<x-pick-all />@endcan<x-sorted column="received" :by="$page->sorting">Received</x-sorted><th
 scope="col">From</th><x-sorted column="form" :by="$page->sorting">Form</x-sorted><th scope="col">Why it is held</th>
<x-sorted column="deleted" :by="$page->sorting">Deleted by itself</x-sorted>
@can('decide', App\Models\HeldSubmission::class)<th scope="col">Decide</th>@endcan</tr></thead>
<tbody>
@foreach ($page->rows as $row)
<tr>
@can('decide', App\Models\HeldSubmission::class)<x-pick :id="$row->id" :what="$row->email" />@endcan
<td>{{ $row->received }}</td>
<td>{{ $row->email }}@foreach ($row->values as $each)<br><span class="soft">{{ $each->value }}</span>@endforeach</td>
<td>{{ $row->form }}</td>
<td>@foreach ($row->why as $sentence){{ $sentence }}<br>@endforeach</td>
<td>{{ $row->deleted }}</td>
@can('decide', App\Models\HeldSubmission::class)
<td class="doing"><form method="post" action="{{ $row->release }}">@csrf<button>Release</button></form>
<form method="post" action="{{ $row->delete }}">@csrf<x-sure does="Delete it" asks="Nothing of it is kept." /></form></td>
@endcan
</tr>
@endforeach
</tbody>
</table>
@can('decide', App\Models\HeldSubmission::class)
<x-several :action="route('held.several')" what="submissions"><button name="act" value="release">Release them</button>
<x-sure does="Delete them" asks="Nothing of them is kept." name="act" value="delete" /></x-several>
@endcan
{{ $page->pages }}
@endif
</div>
@endsection
