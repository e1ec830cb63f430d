<p>{{ $say('received.number') }}</p>
@if ($done === 'again')<p role="status" class="done">{{ $say('received.again') }}</p>@endif
@if ($ticket !== null)
<form method="post" action="{{ $numberPage }}">
<input type="hidden" name="ticket" value="{{ $ticket->seal() }}">
<p><button class="lesser">{{ $say('received.again-button') }}</button></p>
</form>
@endif
