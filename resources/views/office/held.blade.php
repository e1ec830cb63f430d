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
<thead><tr><th scope="col">Received</th><th scope="col">From</th><th scope="col">Form</th><th scope="col">Why it is held</th>
<th scope="col">Deleted by itself</th>@can('decide', App\Models\HeldSubmission::class)<th scope="col">Decide</th>@endcan</tr></thead>
<tbody>
@foreach ($page->rows as $row)
<tr>
<td>{{ $row->received }}</td>
<td>{{ $row->email }}@foreach ($row->values as $each)<br><span class="soft">{{ $each->value }}</span>@endforeach</td>
<td>{{ $row->form }}</td>
<td>@foreach ($row->why as $sentence){{ $sentence }}<br>@endforeach</td>
<td>{{ $row->deleted }}</td>
@can('decide', App\Models\HeldSubmission::class)
<td class="doing"><form method="post" action="{{ $row->release }}">@csrf<button>Release</button></form>
<form method="post" action="{{ $row->delete }}">@csrf<button class="plain">Delete</button></form></td>
@endcan
</tr>
@endforeach
</tbody>
</table>
{{ $page->pages }}
@endif
</div>
@endsection
