@extends('office.layout')
@section('title', 'Enquiry of '.$row->email)
@section('state', $row->stands)
@section('content')
@include('points.tabs')
<div class="page">
<p class="soft">{{ $row->form }} · received {{ $row->received }}
@if ($row->deleted !== '') · deleted by itself on {{ $row->deleted }}@endif</p>
@if ($row->doubtful)<p class="weakness-said">Screening took this for a program's. It reached you all the same;
whoever sent it got no word that it arrived.</p>@endif
<dl class="sent-words">
<div><dt>Email</dt><dd><a href="mailto:{{ $row->email }}">{{ $row->email }}</a></dd></div>
@foreach ($row->values as $each)<div><dt>{{ $each->name }}</dt><dd class="as-typed">{{ $each->value }}</dd></div>@endforeach
</dl>
@if ($may)
<div class="acts" role="group" aria-label="What to do with it">
@if ($row->isClosed)
<form method="post" action="{{ route('enquiries.reopen', $row->id) }}">@csrf<button>Open it again</button></form>
@else
@unless ($mine)<form method="post" action="{{ route('enquiries.give', $row->id) }}">@csrf<input type="hidden" name="to" value="{{ $me }}">
<button>Take it</button></form>@endunless
<form method="post" action="{{ route('enquiries.close', $row->id) }}">@csrf<button>Close it</button></form>
<form method="post" action="{{ route('enquiries.give', $row->id) }}" class="ask">@csrf
<label for="to">or hand it to</label><x-options id="to" :of="$takers" /><button>Hand over</button>
@error('to')<p class="wrong" role="alert">{{ $message }}</p>@enderror</form>
@endif
<form method="post" action="{{ route('enquiries.withdraw', $row->id) }}">@csrf
<x-sure does="It withdraws a consent" asks="Whatever was agreed to with this address until it arrived ends, as told by a message." /></form>
@can('decide', App\Models\Enquiry::class)
<form method="post" action="{{ route('enquiries.delete', $row->id) }}">@csrf<x-sure does="Delete it" asks="Nothing of it is kept." /></form>
@endcan
</div>
@endif
<p><a href="{{ route('enquiries') }}">All that are not closed</a></p>
</div>
@endsection
