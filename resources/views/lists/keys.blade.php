@extends('office.layout')
@section('title', 'Keys')
@section('state', 'by which destinations know us; set here, shown nowhere')
@section('content')
<div class="page">
@if ($rows === [])
<p>There is no destination yet. An officer adds one under “Lists and destinations”.</p>
@else
<table><caption>Destinations</caption>
<thead><tr><th scope="col">Destination</th><th scope="col">Its key</th><th scope="col">A new one</th></tr></thead>
<tbody>
@foreach ($rows as $row)
<tr><td><b>{{ $row->name }}</b><br><span class="soft">{{ $row->address === '' ? 'no address yet' : $row->address }}</span></td>
<td>{{ $row->state }}@if ($row->refused)<br><span class="breach"><x-shape verdict="breach" /> the destination refuses it</span>@endif</td>
<td><form method="post" action="{{ route('keys.set', $row->id) }}" class="ask">@csrf
<label for="secret-{{ $row->id }}" class="sr-only">New key of {{ $row->name }}</label>
<input type="password" id="secret-{{ $row->id }}" name="secret" autocomplete="off" required
 @error("secret-{$row->id}") aria-invalid="true" aria-describedby="wrong-{{ $row->id }}" @enderror><button>Set</button>
@error("secret-{$row->id}")<p class="wrong" id="wrong-{{ $row->id }}" role="alert">{{ $message }}</p>@enderror</form></td></tr>
@endforeach
</tbody></table>
@endif
</div>
@endsection
