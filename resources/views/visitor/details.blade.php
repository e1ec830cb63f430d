@extends('visitor.layout')
@section('title', $say('details.title'))
@section('content')
<p>{{ $say('details.text') }}</p>
<ul>
@foreach ($names as $name)
<li>{{ $name }}</li>
@endforeach
</ul>
<form method="post" action="/details">
<input type="hidden" name="token" value="{{ $token }}">
<input type="hidden" name="language" value="{{ $language->value }}">
<p><button>{{ $say('details.button') }}</button></p>
</form>
<p class="small">{{ $say('details.not-you') }}</p>
@endsection
