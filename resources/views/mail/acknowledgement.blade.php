@extends('mail.layout')
@section('content')
<h1 style="margin:0 0 16px;font-size:22px">{{ $words->word('heading') }}</h1>
<p style="margin:0 0 16px">{{ $words->word('text') }}</p>
@include('mail.gift')
<p style="margin:0">{{ $words->word('ignore') }}</p>
@endsection
