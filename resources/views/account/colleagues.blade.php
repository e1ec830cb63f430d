@extends('office.layout')
@section('title', 'Accounts')
@section('state', $page->found)
@section('content')
<div class="beside tall">
<div class="page">
<form method="get" class="ask"><x-keeps-sort :by="$page->sorting" />
<label for="q">Find</label><input id="q" name="q" type="search" class="short" autocomplete="off" value="{{ $page->words }}">
<label for="state">among</label><x-options id="state" :of="$page->states" />
<button>Show</button><a href="{{ request()->fullUrlWithQuery(['as' => 'csv']) }}">CSV</a>
@if (request()->query() !== [])<a href="{{ route('accounts') }}">Show all</a>@endif
</form>
@if ($page->rows === [])
<p>Nobody matches.</p>
@else
<table>
<caption>Who works here</caption>
<thead><tr><x-sorted column="name" :by="$page->sorting">Name</x-sorted><x-sorted column="role" :by="$page->sorting">Role</x-sorted>
<x-sorted column="state" :by="$page->sorting">Account</x-sorted><x-sorted column="code" :by="$page->sorting">Code at sign-in</x-sorted>
<x-sorted column="last" :by="$page->sorting">Last signed in</x-sorted></tr></thead>
<tbody>
@foreach ($page->rows as $row)
<tr><td><a href="{{ route('accounts.show', $row->id) }}"><b>{{ $row->name }}</b></a><br><span class="soft">{{ $row->email }}</span></td>
<td>{{ $row->role }}</td><td>{{ $row->state->says() }} <span class="soft">{{ $row->more }}</span></td>
<td>{{ $row->asksForCode ? 'asked for' : 'not asked for' }}</td><td>{{ $row->last }}</td></tr>
@endforeach
</tbody>
</table>
@endif
</div>
<aside class="margin" aria-label="Invite somebody">
<form method="post" action="{{ route('accounts.invite') }}" class="stack">
@csrf
<h2>Invite somebody</h2>
<p class="soft">A mail says how to set a password. Its link holds a week and is used once.</p>
@include('account.fields', ['name' => old('name'), 'email' => old('email'), 'roles' => $page->roles])
<button class="do">Invite</button>
</form>
</aside>
</div>
@endsection
