@extends('office.layout')
@section('title', $kind === 'invitation' ? "Welcome, $user->name" : 'A new password')
@section('state', $user->email)
@section('content')
<div class="beside tall form-first">
<div class="page">
<p class="creed">{{ $kind === 'invitation' ? 'Choose a password, and you can sign in.' : 'Choose a new password.' }}</p>
<p class="soft">You are here as {{ $user->role->value }}: {{ $user->role->does() }}.</p>
<p class="soft">Wherever you were signed in, you are signed out by it.</p>
</div>
<aside class="margin" aria-label="Password">
<form method="post" action="{{ route('enter.set') }}" class="stack">
<input type="text" name="username" autocomplete="username" value="{{ $user->email }}" readonly hidden>
@include('account.new-password')
<button class="do">Set it</button>
</form>
</aside>
</div>
@endsection
