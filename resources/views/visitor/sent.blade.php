@extends('visitor.layout')
@section('title', $say('sent.title'))
@section('content')
<p>{{ $say('sent.text') }}</p>
<p>{{ $say('sent.days', ['days' => $days]) }}</p>
<p class="small">{{ $say('sent.none') }}</p>
@endsection
