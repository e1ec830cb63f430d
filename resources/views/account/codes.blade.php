@extends('office.layout')
@section('title', 'A code at sign-in')
@section('state', 'from an app on your phone')
@section('content')
<div class="beside tall">
<div class="page">
<ol class="steps">
<li><p>Open an app for one-time codes on your phone and let it read this picture, or type the letters under it.</p>
<div id="code-picture" data-address="{{ $address }}" role="img" aria-label="The secret as a picture for the app; the letters beside it say the same"></div>
<p class="mono secret">{{ $secret }}</p></li>
<li><form method="post" action="{{ route('account.codes.begin') }}" class="stack narrow">
@csrf
<label for="code">Type the code that the app shows now</label>
<input id="code" name="code" type="text" inputmode="numeric" autocomplete="one-time-code" maxlength="12"
 value="{{ old('code') }}" @error('code') aria-invalid="true"
 aria-describedby="code-wrong" @enderror>
@error('code')<p class="wrong" id="code-wrong" role="alert">{{ $message }}</p>@enderror
<label for="current">Your password</label>
<input id="current" name="current" type="password" autocomplete="current-password" @error('current') aria-invalid="true"
 aria-describedby="current-wrong" @enderror>
@error('current')<p class="wrong" id="current-wrong" role="alert">{{ $message }}</p>@enderror
<button class="do">Ask me for it from now on</button>
</form></li>
</ol>
</div>
<aside class="margin" aria-label="Notes">
<section><h2>What changes</h2>
<p>After your password, a code is asked for that the app makes anew every 30 seconds. Each is taken once.</p>
<p>Next you get ten recovery codes, for when the phone is lost. Your other sessions end.</p>
<p class="soft">RFC 6238, six digits. The secret is kept encrypted, and stands in no log and no mail.</p></section>
<section><p><a href="{{ route('account') }}">Leave it as it is</a></p></section>
</aside>
</div>
<script src="/build/qr.js" defer></script>
@endsection
