@extends('mail.layout')
@section('content')
@if ($greeting !== '')<p style="margin:0 0 16px">{{ $greeting }}</p>@endif
<h1 style="font-size:24px;line-height:1.2;margin:0 0 16px">{{ $words->word('heading') }}</h1>
<p style="margin:0 0 16px">{{ $words->word('because') }}</p>
@foreach ($statements as $statement)
<p style="margin:0 0 16px;padding-left:16px;border-left:3px solid {{ $controller->accent }}">{{ $statement }}</p>
@endforeach
<p style="margin:24px 0"><a href="{{ $link }}"
 style="display:block;padding:16px;background:{{ $controller->accent }};color:#ffffff;text-align:center;text-decoration:none;font-weight:600;
border-radius:3px">{{ $words->word('button') }}</a></p>
<p class="soft" style="margin:0 0 16px;color:#535a68;font-size:14px;overflow-wrap:anywhere">{{ $link }}</p>
<p style="margin:0">{{ $words->word('ignore') }}</p>
@if ($stop)
<p class="text" style="margin:16px 0 0">{{ $stopping->word('withdraw-text') }}
<a href="{{ $stop }}" style="color:{{ $controller->accent }}">{{ $stopping->word('withdraw') }}</a></p>
@endif
@endsection
