@extends('office.layout')
@section('title', 'Sign in')
@section('content')
<div class="beside">
<div class="page">
<p class="creed">May we use this address, for this purpose, by this channel, at this moment, and why?</p>
<p class="soft">Whoever works here answers that, and can prove it: the form as it was shown, the words as they stood, and a ledger that outsiders can check.</p>
</div>
<aside class="margin" aria-label="Sign in">
<form method="post" action="{{ route('login.enter') }}" class="stack">
@if ($to !== '/')<input type="hidden" name="to" value="{{ $to }}">@endif
@error('email')<p class="wrong" id="wrong" role="alert">{{ $message }}</p>@enderror
<label for="email">Email</label>
<input id="email" name="email" type="email" autocomplete="username" required value="{{ old('email') }}" @error('email') aria-invalid="true"
 aria-describedby="wrong" @enderror autofocus>
<label for="password">Password</label>
<input id="password" name="password" type="password" autocomplete="current-password" required>
<button class="do">Sign in</button>
</form>
</aside>
</div>
@endsection
