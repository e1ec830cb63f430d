@extends('visitor.layout')
@section('title', $say('withdraw.title'))
@push('head')
<script src="/build/quiet-address.js" defer></script>
@endpush
@section('content')
<p>{{ $say('withdraw.text') }}</p>
@foreach ($statements as $words)
<blockquote>{{ $words }}</blockquote>
@endforeach
<form method="post" action="/withdraw">
<input type="hidden" name="token" value="{{ $token }}">
<p><button>{{ $say('withdraw.button') }}</button></p>
</form>
<p class="small">{{ $say('withdraw.keep') }}</p>
@endsection
