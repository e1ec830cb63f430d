@extends('mail.layout')
@section('content')
@if ($greeting !== '')<p style="margin:0 0 16px">{{ $greeting }}</p>@endif
<h1 style="font-size:24px;line-height:1.2;margin:0 0 16px">{{ $words->word('heading') }}</h1>
<p style="margin:0 0 16px">{{ $words->word('because') }}</p>
@foreach ($statements as $statement)
<p style="margin:0 0 16px;padding-left:16px;border-left:3px solid {{ $controller->accent }}">{{ $statement }}</p>
@endforeach
@include('mail.button')
<p style="margin:0">{{ $words->word('ignore') }}</p>
@if ($stop)
<p class="text" style="margin:16px 0 0">{{ $stopping->word('withdraw-text') }}
<a href="{{ $stop }}" style="color:{{ $controller->accent }}">{{ $stopping->word('withdraw') }}</a></p>
@endif
@endsection
