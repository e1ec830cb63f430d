@extends('visitor.layout')
@section('title', $say('confirm.title'))
@section('content')
<p>{{ $say('confirm.text') }}</p>
@foreach ($statements as $words)
<blockquote>{{ $words }}</blockquote>
@endforeach
@if ($number)<p class="small">{{ $say('received.number') }}</p>@endif
<form method="post" action="/confirm">
<input type="hidden" name="token" value="{{ $token }}">
<p><button>{{ $say('confirm.button') }}</button></p>
</form>
<p class="small">{{ $say('confirm.not-you') }}</p>
<form method="post" action="/not-theirs">
<input type="hidden" name="token" value="{{ $notTheirs }}">
<p><button class="lesser">{{ $say('not-theirs.button') }}</button></p>
</form>
@endsection
