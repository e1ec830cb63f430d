@extends('office.layout')
@section('title', 'Sign in')
@section('content')
<div class="page narrow">
<form method="post" action="{{ route('login.enter') }}" class="stack">
@csrf
@error('email')<p class="wrong" id="wrong" role="alert">{{ $message }}</p>@enderror
<label for="email">Email</label>
<input id="email" name="email" type="email" autocomplete="username" required value="{{ old('email') }}" @error('email') aria-invalid="true" aria-describedby="wrong" @enderror autofocus>
<label for="password">Password</label>
<input id="password" name="password" type="password" autocomplete="current-password" required>
<button class="do">Sign in</button>
</form>
</div>
@endsection
