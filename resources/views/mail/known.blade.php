@extends('mail.layout')
@section('content')
<h1 style="font-size:24px;line-height:1.2;margin:0 0 16px">{{ $words->word('heading') }}</h1>
<p style="margin:0 0 16px">{{ $words->word('because') }}</p>
@if ($link)
@include('mail.button')
@else
@foreach ($statements as $statement)
<p style="margin:0 0 16px;padding-left:16px;border-left:3px solid {{ $controller->accent }}">{{ $statement }}</p>
@endforeach
@endif
@include('mail.gift')
<p class="text" style="margin:0 0 16px">{{ $words->word('withdraw-text') }}
<a href="{{ $stop }}" style="color:{{ $controller->accent }}">{{ $words->word('withdraw') }}</a></p>
<p style="margin:0">{{ $words->word('ignore') }}</p>
@endsection
