@extends('mail.layout')
@section('content')
<p style="margin:0 0 16px">{{ $greeting }}</p>
<p style="margin:0 0 16px">{{ $words->word('text') }}</p>
@foreach ($statements as $statement)
<p style="margin:0 0 16px;padding-left:16px;border-left:3px solid {{ $controller->accent }}">{{ $statement }}</p>
@endforeach
@include('mail.gift')
<p class="text" style="margin:0">{{ $words->word('withdraw-text') }}
<a href="{{ $link }}" style="color:{{ $controller->accent }}">{{ $words->word('withdraw') }}</a></p>
@if ($notTheirs)
<p class="text" style="margin:16px 0 0">{{ $words->word('not-theirs-text') }}
<a href="{{ $notTheirs }}" style="color:{{ $controller->accent }}">{{ $words->word('not-theirs') }}</a></p>
@endif
@endsection
