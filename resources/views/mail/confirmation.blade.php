@extends('mail.layout')
@section('content')
<h1 style="font-size:24px;line-height:1.2;margin:0 0 16px">{{ $words['heading'] }}</h1>
<p style="margin:0 0 16px">{{ $words['because'] }}</p>
@foreach ($statements as $statement)
<p style="margin:0 0 16px;padding-left:16px;border-left:3px solid {{ $controller->accent }}">{{ $statement }}</p>
@endforeach
<p style="margin:24px 0"><a href="{{ $link }}" style="display:block;padding:16px;background:{{ $controller->accent }};color:#ffffff;text-align:center;text-decoration:none;font-weight:600;border-radius:3px">{{ $words['button'] }}</a></p>
<p style="margin:0">{{ $words['ignore'] }}</p>
@if ($stop)<p style="margin:16px 0 0">{{ $words['withdraw-text'] }} <a href="{{ $stop }}" style="color:{{ $controller->accent }}">{{ $words['withdraw'] }}</a></p>@endif
@endsection
