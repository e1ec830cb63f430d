@extends('office.layout')
@section('title', 'Forgotten password')
@section('content')
<div class="beside tall form-first">
<div class="page">
@if ($asked)
<p class="creed" role="status">If there is an account with this address, a mail with a link is on its way.</p>
<p class="soft">The link holds an hour and is used once. Nothing came within ten minutes? See whether the address is the one you sign in with, or ask an
administrator.</p>
@else
<p class="creed">A mail brings you a link under which you set a new one.</p>
<p class="soft">Until you do, the old password stays as it is.</p>
@endif
</div>
<aside class="margin" aria-label="Ask for a link">
<form method="post" action="{{ route('forgotten.ask') }}" class="stack">
@error('email')<p class="wrong" id="wrong" role="alert">{{ $message }}</p>@enderror
<label for="email">Email</label>
<input id="email" name="email" type="email" autocomplete="username" value="{{ old('email') }}" @error('email') aria-invalid="true"
 aria-describedby="wrong" @enderror>
<button class="do">Send the link</button>
<p><a href="{{ route('login') }}">Back to signing in</a></p>
</form>
</aside>
</div>
@endsection
