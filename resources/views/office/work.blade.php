@extends('office.layout')
@section('title', 'Work that failed')
@section('state', 'tried for hours before it stands here')
@section('content')
<div class="page">
@if ($rows === [])
<p>Nothing failed. What the application does in the background and could not end stands here, until somebody has it done again.</p>
@else
<table>
<caption>Work that failed</caption>
<thead><tr><x-pick-all /><x-sorted column="failed" :by="$sorting">Failed</x-sorted><x-sorted column="what" :by="$sorting">What</x-sorted>
<x-sorted column="why" :by="$sorting">Why</x-sorted><th scope="col">Decide</th></tr></thead>
<tbody>
@foreach ($rows as $row)
<tr>
<x-pick :id="$row->id" :what="$row->what" />
<td class="line">{{ $row->failed }}</td>
<td>{{ $row->what }}</td>
<td class="mono">{{ $row->why }}</td>
<td class="doing"><form method="post" action="{{ $row->again }}">@csrf<button>Do it again</button></form>
<form method="post" action="{{ $row->leave }}">@csrf<x-sure does="Leave it" asks="It is never done then." /></form></td>
</tr>
@endforeach
</tbody>
</table>
<x-several :action="route('work.several')" what="pieces"><button name="act" value="again">Do them again</button>
<x-sure does="Leave them" asks="They are never done then." name="act" value="leave" /></x-several>
@endif
</div>
@endsection
