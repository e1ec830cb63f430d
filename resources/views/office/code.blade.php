@extends('office.layout')
@section('title', 'One more step')
@section('state', 'the code of your app')
@section('content')
<div class="beside tall form-first">
<div class="page">
<p class="creed">The password fits. Now the code that your phone shows.</p>
<p class="soft">It changes every 30 seconds, and each is taken once: if you have just used one, wait for the next.</p>
<p class="soft">No phone at hand? Type one of your recovery codes instead. It is used up by that.</p>
</div>
<aside class="margin" aria-label="Second step">
<form method="post" action="{{ route('login.prove') }}" class="stack">
@csrf
@error('code')<p class="wrong" id="wrong" role="alert">{{ $message }}</p>@enderror
<label for="code">Code</label>
<input id="code" name="code" type="text" autocomplete="one-time-code" spellcheck="false" autocapitalize="off" maxlength="40" autofocus
 @error('code') aria-invalid="true" aria-describedby="wrong" @enderror>
<button class="do">Sign in</button>
<p><a href="{{ route('login') }}">Begin anew</a></p>
</form>
</aside>
</div>
@endsection
