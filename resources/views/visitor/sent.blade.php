@extends('visitor.layout')
@section('title', $say('sent.title'))
@section('content')
<p>{{ $say('sent.text') }}</p>
<p>{{ $say('sent.days', ['days' => $days]) }}</p>
@if ($besides)<p>{{ $say('received.besides') }}</p>@endif
@if ($number)<p>{{ $say('received.number') }}</p>@endif
<p class="small">{{ $say('sent.none') }}</p>
@endsection
