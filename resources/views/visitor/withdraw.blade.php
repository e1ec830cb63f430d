@extends('visitor.layout')
@section('title', $say('withdraw.title'))
@section('content')
<p>{{ $say('withdraw.text') }}</p>
@foreach ($consents as $consent)
@foreach ($consent->words as $words)
<blockquote>{{ $words }}</blockquote>
@endforeach
@if (count($consents) > 1)
<form method="post" action="/withdraw">
<input type="hidden" name="token" value="{{ $token }}">
<input type="hidden" name="only" value="{{ $consent->purpose }}">
<p><button class="lesser">{{ $say('withdraw.only') }}</button></p>
</form>
@endif
@endforeach
<form method="post" action="/withdraw">
<input type="hidden" name="token" value="{{ $token }}">
<p><button>{{ $say('withdraw.button') }}</button></p>
</form>
<p class="small">{{ $say('withdraw.keep') }}</p>
@endsection
