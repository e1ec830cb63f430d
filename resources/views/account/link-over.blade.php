@extends('office.layout')
@section('title', 'This link no longer works')
@section('content')
<div class="page">
<p>It was used already, a newer one was sent, or its time is over. It can also be that the whole link did not come along: open it from the mail itself.</p>
<p><a href="{{ route('forgotten') }}">Ask for a new one</a> or <a href="{{ route('login') }}">sign in</a>.</p>
</div>
@endsection
