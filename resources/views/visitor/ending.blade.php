@extends('visitor.layout')
@section('title', $say($page.'.title'))
@section('content')
<p>{{ $say($page.'.text', ['day' => $day ?? '']) }}</p>
@if (($own ?? '') !== '')<div class="own">{!! $own !!}</div>@endif
@includeWhen(isset($gift), 'visitor.gift')
@isset($next)<p class="next"><a href="{{ $next->to }}">{{ $next->says }}</a></p>@endisset
@if ($page === 'confirmed')
<p>{{ $say('confirmed.junk', ['sender' => $sender]) }}</p>
@if ($names !== [])
<h2>{{ $say('confirmed.name') }}</h2>
<form method="post" action="/confirm/name" novalidate>
<input type="hidden" name="token" value="{{ $token }}">
@foreach ($names as $line)
<p><label for="{{ $line->input }}">{{ $line->label }}</label>
<input id="{{ $line->input }}" name="{{ $line->input }}" value="{{ $line->value }}" autocomplete="name"
@if ($line->fault !== '') aria-invalid="true" aria-describedby="{{ $line->input }}-fault" @endif>
@if ($line->fault !== '')<span class="error" id="{{ $line->input }}-fault">{{ $line->fault }}</span>@endif
</p>
@endforeach
<p><button class="lesser">{{ $say('confirmed.name-button') }}</button></p>
</form>
@endif
@endif
@isset($again)
<p><a href="{{ $again }}">{{ $called }}</a></p>
@endisset
@endsection
