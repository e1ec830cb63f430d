@extends('office.layout')
@section('title', 'Sign in')
@section('content')
<div class="beside tall form-first">
<div class="page">
<p class="creed">May we use this address, for this purpose, by this channel, at this moment, and why?</p>
<p class="soft">Whoever works here answers that, and can prove it: the form as it was shown, the words as they stood, and a ledger that outsiders can check.</p>
@if ($checkpoint !== null)
<section class="outside" aria-label="For whoever does not trust us">
<h2>Who does not trust us</h2>
<p class="soft">Keep this. It is the newest checkpoint of the ledger: whoever has it can show later whether anything before it was rewritten.</p>
<pre class="mono">{{ $checkpoint }}</pre>
<p class="soft"><a href="{{ route('ledger.checkpoint') }}">As a text</a> · <a href="{{ route('ledger.keys') }}">Keys it may be signed with</a></p>
</section>
@endif
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
<p><a href="{{ route('forgotten') }}">Forgotten the password?</a></p>
</form>
</aside>
</div>
@endsection
