@extends('visitor.layout')
@section('title', $say('sent.done-title'))
@section('content')
@if ($own !== '')<div class="own">{!! $own !!}</div>@endif
<p>{{ $say('sent.done') }}</p>
@if ($spot !== '')<p><b>{{ $say('gift.spot', ['gift' => $spot]) }}</b></p>@endif
@if ($besides)<p>{{ $say('received.besides') }}</p>@endif
@if ($number)
@include('visitor.number')
@endif
@endsection
