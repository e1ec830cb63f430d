@extends('visitor.layout')
@section('title', $say('sent.done-title'))
@section('content')
<p>{{ $say('sent.done') }}</p>
@endsection
