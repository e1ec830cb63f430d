@extends('visitor.layout')
@section('title', $say('not-theirs.title'))
@section('content')
<p>{{ $say('not-theirs.text') }}</p>
@foreach ($statements as $words)
<blockquote>{{ $words }}</blockquote>
@endforeach
<form method="post" action="/not-theirs">
<input type="hidden" name="token" value="{{ $token }}">
<p><button>{{ $say('not-theirs.button') }}</button></p>
</form>
<p class="small">{{ $say('not-theirs.keep') }}</p>
@endsection
