@extends('office.layout')
@section('title', 'Starters')
@section('state', count($starters).' sound texts to begin from, judged by the same requirements as yours')
@section('content')
@include('wording.tabs')
<div class="page">
@error('name')<p class="wrong" role="alert">{{ $message }}</p>@enderror
<table>
<caption>Starters</caption>
<thead><tr><th scope="col">For</th><th scope="col">Words</th><th scope="col"><span class="sr-only">Begin</span></th></tr></thead>
<tbody>
@foreach ($starters as $starter)
<tr>
<td class="starter-for"><b>{{ $starter->title }}</b><br><span class="soft">{{ $starter->why }}</span></td>
<td>@foreach ($starter->words as $words)<blockquote lang="{{ $words->language->value }}"
 class="mb-1 max-w-[62ch]">{{ $words->statement }}</blockquote>@endforeach</td>
<td>@if ($may)
<form method="post" action="{{ route('records.begin', 'statement') }}" class="stack">@csrf
<input type="hidden" name="starter" value="{{ $starter->id }}">
<label for="name-{{ $starter->id }}">called</label>
<input id="name-{{ $starter->id }}" name="name" value="{{ old('starter') === $starter->id ? old('name') : $starter->id }}">
<x-of-controller id="controller-{{ $starter->id }}" label="of" :options="$controllers" />
<button>Begin</button></form>
@endif</td>
</tr>
@endforeach
</tbody>
</table>
</div>
@endsection
