@extends('visitor.layout')
@section('title', $say('received.title'))
@section('content')
<p>{{ $say('received.text') }}</p>
@if ($done === 'over')<p role="status" class="done">{{ $say('received.over') }} <a href="{{ $form }}">{{ $say('sent.form') }}</a></p>@endif
@if ($number)
@include('visitor.number')
@endif
@endsection
