@extends('office.layout')
@section('title', 'Evidence')
@section('state', 'what a person agreed to, in which words, and how it is proved')
@section('content')
<div class="page">
<form method="post" action="{{ route('evidence.find') }}" class="ask">
@csrf
<label for="email">Whose consent, or which point?</label>
<input id="email" name="email" type="text" inputmode="email" autocomplete="off" spellcheck="false" placeholder="" value="{{ old('email') }}"
 @error('email') aria-invalid="true" aria-describedby="wrong" @enderror autofocus>
<button class="do">Look up</button>
@error('email')<p class="wrong" id="wrong" role="alert">{{ $message }}</p>@enderror
</form>
<p class="soft">Give a whole email address, or a part of a signup point's name. Capitals do not matter.
An address is not written into any log or address bar.</p>
<p><a href="{{ route('evidence.signups') }}">All sign-ups</a>, by what became of them, where and when.</p>
@can('endFor', App\Models\Subscriber::class)<p><a href="{{ route('withdrawals') }}">Record a withdrawal</a> that came by phone or letter.</p>@endcan
@if ($lately !== [])
<h2 class="mt-8">Whom you looked at lately</h2>
<table>
<caption>Whom you looked at lately</caption>
<thead><tr><th scope="col">Person</th><th scope="col">When</th></tr></thead>
<tbody>
@foreach ($lately as $each)
<tr><td><a href="{{ $each->link }}">{{ $each->name }}</a></td><td class="line">{{ $each->at }}</td></tr>
@endforeach
</tbody>
</table>
@endif
</div>
@endsection
