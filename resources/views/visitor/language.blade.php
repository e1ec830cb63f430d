@extends('visitor.layout')
@section('title', $say('language.title'))
@section('content')
<p>{{ $say('language.text') }}</p>
<ul>
@foreach ($links as $name => $link)
<li><a href="{{ $link }}">{{ $name }}</a></li>
@endforeach
</ul>
@endsection
