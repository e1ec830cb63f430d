@extends('visitor.layout')
@section('title', $say('sent.title'))
@section('content')
@if ($own !== '')<div class="own">{!! $own !!}</div>@endif
@if ($done !== '')
<p role="status" class="done">{{ $say("sent.$done") }}@if ($done === 'over') <a href="{{ $form }}">{{ $say('sent.form') }}</a>@endif</p>
@endif
@if ($ticket === null)
<p>{{ $say('sent.text') }}</p>
@else
<p>{{ $say('sent.to') }} <b class="address">{{ $ticket->email->text }}</b></p>
<p>{{ $say('sent.press') }}</p>
@endif
<p>{{ $say('sent.days', ['days' => $days]) }}</p>
@if ($spot !== '')<p><b>{{ $say('gift.spot', ['gift' => $spot]) }}</b></p>@endif
@if ($besides)<p>{{ $say('received.besides') }}</p>@endif
@if ($number)<p>{{ $say('received.number') }}</p>@endif
@if ($ticket === null)
<p class="small">{{ $say('sent.none') }}</p>
@else
<h2>{{ $say('sent.nothing-came') }}</h2>
<p class="small">{{ $say('sent.junk') }}</p>
<form method="post" action="{{ $page }}">
<input type="hidden" name="ticket" value="{{ $ticket->seal() }}">
<p><button class="lesser" name="do" value="again">{{ $say('sent.again-button') }}</button></p>
</form>
@if ($ticket->mayBeMended())
<form method="post" action="{{ $page }}" novalidate>
<input type="hidden" name="ticket" value="{{ $ticket->seal() }}">
<p><label for="email">{{ $say('sent.wrong') }}</label>
<input id="email" name="email" type="email" autocomplete="email" required value="{{ $typed }}"
@if ($fault !== '') aria-invalid="true" aria-describedby="email-fault" autofocus @endif>
@if ($fault !== '')<span class="error" id="email-fault">{{ $fault === 'same' ? $say('sent.same') : $say("email.$fault") }}</span>@endif
</p>
<p><button class="lesser" name="do" value="mend">{{ $say('sent.wrong-button') }}</button></p>
</form>
@endif
@endif
@endsection
