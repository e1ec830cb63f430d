@extends('office.layout')
@section('title', $sender === null ? 'This link leads nowhere' : ($done ? 'The address is verified' : 'Do mails come from here?'))
@section('content')
<div class="page narrow">
@if ($sender === null)
<p>It was made for another address, was replaced by a newer one, or its seven days are over. Have another sent.</p>
@elseif ($done)
<p>Mails may come from <b>{{ $sender->address }}</b>.</p>
@else
<p>{{ $sender->user->name }} wants mails to come from <b>{{ $sender->address }}</b>. Do you read this address, and is that right?</p>
<form method="post" action="{{ route('sender.press') }}">@csrf<input type="hidden" name="token" value="{{ $token }}">
<button class="do">Yes, mails come from here</button></form>
@endif
</div>
@endsection
