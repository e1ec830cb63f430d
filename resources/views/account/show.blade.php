@extends('office.layout')
@section('title', auth()->user()->name)
@section('state', auth()->user()->email.' · '.auth()->user()->role->value)
@section('content')
<div class="beside tall">
<div class="page">
<p class="mb-4">You are here as <b>{{ auth()->user()->role->value }}</b>: {{ auth()->user()->role->does() }}.</p>
<h2>Where you are signed in</h2>
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
<h2 class="mt-6">What you did lately</h2>
@if ($acts === [])
<p class="soft">Nothing yet.</p>
@else
<table>
<caption>What you did lately</caption>
<thead><tr><th scope="col" class="w-56">When</th><th scope="col">What</th></tr></thead>
<tbody>
@foreach ($acts as $act)
<tr><td class="line">{{ $act->at }}</td><td><p>@include('office.act', ['row' => $act])</p></td></tr>
@endforeach
</tbody>
</table>
<p class="soft">Something here was not you? Change your password and tell an administrator.</p>
@endif
</div>
<aside class="margin" aria-label="Signing in">
<section>
<h2>Code at sign-in</h2>
@if (auth()->user()->asksForCode())
<p>After your password, the code that your app shows is asked for. You have <b>{{ $left }}</b> recovery {{ $left === 1 ? 'code' : 'codes' }} left.</p>
<form method="post" action="{{ route('account.codes.end') }}" class="stack">
@csrf
<label for="end-current">Your password, to change that</label>
<input id="end-current" name="current" type="password" autocomplete="current-password" @error('end-current') aria-invalid="true"
 aria-describedby="end-wrong" @enderror>
@error('end-current')<p class="wrong" id="end-wrong" role="alert">{{ $message }}</p>@enderror
<p class="said-together"><button formaction="{{ route('account.codes.renew') }}">New recovery codes</button>
<button class="plain">Ask for no code</button></p>
</form>
@else
<p>Nobody gets in with your password alone if a code from your phone is asked for as well.</p>
<p><a class="do" href="{{ route('account.codes') }}">Set it up</a></p>
@endif
</section>
<section>
<h2>Password</h2>
<form method="post" action="{{ route('account.password') }}" class="stack">
@csrf
<input type="text" name="username" autocomplete="username" value="{{ auth()->user()->email }}" readonly hidden>
<label for="current">Password now</label>
<input id="current" name="current" type="password" autocomplete="current-password" @error('current') aria-invalid="true"
 aria-describedby="current-wrong" @enderror>
@error('current')<p class="wrong" id="current-wrong" role="alert">{{ $message }}</p>@enderror
@include('account.new-password')
<p class="soft">Changing it ends your other sessions.</p>
<button>Change it</button>
</form>
</section>
</aside>
</div>
@endsection
