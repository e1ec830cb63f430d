@extends('office.layout')
@section('title', $row->name)
@section('state', $row->role.' · '.$row->state->says().($row->more === '' ? '' : ', '.$row->more))
@section('content')
<div class="beside tall">
<div class="page">
<p class="mb-3"><a href="{{ route('accounts') }}">All accounts</a></p>
@if ($row->state === App\Pages\Account\ColleagueState::Ended)
<p>{{ $row->name }} <span class="soft">({{ $row->email }})</span> worked here as {{ $row->role }}. The account stays, because drafts, approvals and entries
name it.</p>
<form method="post" action="{{ route('accounts.reopen', $row->id) }}" class="stack">@csrf
<p class="soft">Opened again, it has the role it had. A mail says how to set a new password.</p>
<button class="do">Open it again</button></form>
@error('reopen')<p class="wrong" role="alert">{{ $message }}</p>@enderror
@else
<form method="post" action="{{ route('accounts.change', $row->id) }}" class="stack narrow">@csrf
@include('account.fields', ['name' => old('name', $row->name), 'email' => old('email', $row->email)])
<fieldset class="roles"><legend>An editor works for</legend>
@foreach ($controllers as $controller)<label><input type="checkbox" name="controllers[]" value="{{ $controller->value }}" @checked($controller->chosen)>
<span>{{ $controller->text }}</span></label>
@endforeach
<p class="soft">For every controller, where none is ticked. Sheets and enquiries of others are not theirs to change.</p>
</fieldset>
<button class="do">Save</button></form>
@endif
@if ($acts !== [])
<h2 class="mt-8">What became of the account</h2>
<table>
<caption>What became of the account</caption>
<thead><tr><th scope="col" class="w-56">When</th><th scope="col">Who, and what</th></tr></thead>
<tbody>
@foreach ($acts as $act)
<tr><td class="line">{{ $act->at }}</td><td><p><b>{{ $act->who }}</b> @include('office.act', ['row' => $act])</p></td></tr>
@endforeach
</tbody>
</table>
@endif
</div>
<aside class="margin" aria-label="Signing in">
<section><h2>Signing in</h2>
<p>Last signed in: {{ $row->last }}.</p>
<p>{{ $row->asksForCode ? 'After the password, a code of an app is asked for.' : 'No code is asked for after the password.' }}</p>
@if ($row->asksForCode)
<form method="post" action="{{ route('accounts.drop', $row->id) }}">@csrf
<p class="soft">For somebody who has lost the phone and the recovery codes. Make sure that it is this person who asks.</p>
<button>Ask for no code</button></form>
@error('drop')<p class="wrong" role="alert">{{ $message }}</p>@enderror
@endif
@if ($row->state === App\Pages\Account\ColleagueState::Invited)
<form method="post" action="{{ route('accounts.again', $row->id) }}">@csrf
<p class="soft">A new link; the one before no longer works.</p><button>Invite again</button></form>
@error('again')<p class="wrong" role="alert">{{ $message }}</p>@enderror
@endif
</section>
@if ($row->state !== App\Pages\Account\ColleagueState::Ended)
<section><h2>Leaving</h2>
<form method="post" action="{{ route('accounts.end', $row->id) }}">@csrf
<p class="soft">Every session ends at once, and nobody can sign in with it. It can be opened again.</p>
<button>End the account</button></form>
@error('end')<p class="wrong" role="alert">{{ $message }}</p>@enderror
</section>
@endif
</aside>
</div>
@endsection
