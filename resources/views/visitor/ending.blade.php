@extends('visitor.layout')
@section('title', $say($page.'.title'))
@section('content')
<p>{{ $say($page.'.text', ['day' => $day ?? '']) }}</p>
@if ($page === 'confirmed')
<p>{{ $say('confirmed.junk', ['sender' => $sender]) }}</p>
@endif
@isset($again)
<p><a href="{{ $again }}">{{ $again }}</a></p>
@endisset
@endsection
