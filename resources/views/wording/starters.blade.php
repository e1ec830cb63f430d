@extends('office.layout')
@section('title', 'Starters')
@section('state', count($starters).' sound texts to begin from, judged by the same requirements as yours')
@section('content')
@include('wording.tabs')
<div class="listed">
<nav class="margin" aria-label="Starters">
@foreach ($starters as $each)
<a href="{{ route('wording.starters', ['starter' => $each->id]) }}" @if ($each === $chosen) aria-current="true" @endif>{{ $each->title }}</a>
@endforeach
</nav>
<div class="page reading">
<section><h2>{{ $chosen->title }}</h2><p>{{ $chosen->why }}</p></section>
@foreach ($chosen->words as $words)
<section><p class="soft">{{ $words->language->endonym() }}: {{ $words->name }}, {{ $words->rate }}</p>
<blockquote lang="{{ $words->language->value }}" class="as-read">{{ $words->statement }}</blockquote></section>
@endforeach
@if ($may)
<x-begins kind="statement" label="Begin with it a statement called" :name="$chosen->id" class="begin">
<input type="hidden" name="starter" value="{{ $chosen->id }}"><x-of-controller id="controller" label="of" :options="$controllers" />
<button class="do">Begin</button></x-begins>
@endif
</div>
</div>
@endsection
