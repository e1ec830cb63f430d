@extends('visitor.layout')
@section('title', $say('received.title'))
@section('content')
<p>{{ $say('received.text') }}</p>
@if ($number)<p class="small">{{ $say('received.number') }}</p>@endif
@endsection
