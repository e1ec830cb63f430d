@extends('office.layout')
@section('title', auth()->user()->name)
@section('state', auth()->user()->email.' · '.auth()->user()->role->value)
@section('content')
<div class="page">
<section class="stack narrow">
<h2>Password</h2>
<form method="post" action="{{ route('account.password') }}" class="stack">
@csrf
<input type="text" name="username" autocomplete="username" value="{{ auth()->user()->email }}" readonly hidden>
<label for="current">Password now</label>
<input id="current" name="current" type="password" autocomplete="current-password" required @error('current') aria-invalid="true"
 aria-describedby="current-wrong" @enderror>
@error('current')<p class="wrong" id="current-wrong" role="alert">{{ $message }}</p>@enderror
<label for="new">New password</label>
<input id="new" name="new" type="password" autocomplete="new-password" required minlength="12" @error('new') aria-invalid="true"
 aria-describedby="new-wrong" @enderror>
@error('new')<p class="wrong" id="new-wrong" role="alert">{{ $message }}</p>@enderror
<p class="soft">At least 12 characters. Changing it ends your other sessions.</p>
<button class="do">Change it</button>
</form>
</section>
<h2>Sessions</h2>
<table>
<caption>Where you are signed in</caption>
<thead><tr><th scope="col">Browser</th><th scope="col">Last seen</th><th scope="col">End it</th></tr></thead>
<tbody>
@foreach ($sessions as $session)
<tr><td>{{ $session->browser }}</td><td>{{ $session->seen }}</td>
<td>@if ($session->own)this one
@else
<form method="post" action="{{ route('account.end') }}">@csrf<input type="hidden" name="session" value="{{ $session->name }}"><button>End</button></form>
@endif</td></tr>
@endforeach
</tbody>
</table>
</div>
@endsection
