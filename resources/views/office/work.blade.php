@extends('office.layout')
@section('title', 'Work that failed')
@section('state', 'tried for hours before it stands here')
@section('content')
<div class="page">
@if ($rows === [])
<p>Nothing failed. What the application does in the background and could not end stands here, until somebody has it done again.</p>
@else
<table>
<thead><tr><th scope="col">Failed</th><th scope="col">What</th><th scope="col">Why</th><th scope="col">Decide</th></tr></thead>
<tbody>
@foreach ($rows as $row)
<tr>
<td class="line">{{ $row->failed }}</td>
<td>{{ $row->what }}</td>
<td class="mono">{{ $row->why }}</td>
<td class="doing"><form method="post" action="{{ $row->again }}">@csrf<button>Do it again</button></form>
<form method="post" action="{{ $row->leave }}">@csrf<button class="plain">Leave it</button></form></td>
</tr>
@endforeach
</tbody>
</table>
@endif
</div>
@endsection
