@extends('office.layout')
@section('title', 'Your recovery codes')
@section('state', 'shown this once')
@section('content')
<div class="beside tall">
<div class="page">
<p>A code is asked for after your password. When the phone is not at hand, one of these lets you in instead, each of them once. Keep them where the
password is not: on paper, or in a safe place of your own.</p>
<ol class="recovery mono" aria-label="Recovery codes">
@foreach ($codes as $code)<li>{{ $code }}</li>
@endforeach
</ol>
<p><button type="button" data-prints>Print them</button> <a class="do" href="{{ route('account') }}">I have kept them</a></p>
</div>
<aside class="margin" aria-label="Notes"><section><h2>Lost both?</h2>
<p>An administrator can end the code for you, once they know that it is you who asks.</p></section></aside>
</div>
@endsection
