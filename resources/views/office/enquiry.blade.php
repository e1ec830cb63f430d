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
@foreach ($asked as $each)
<section class="request" aria-label="Request: {{ lcfirst($each->name) }}">
<p><strong>It asks {{ $each->asks }}</strong> <span class="soft">(Art. {{ $each->article }})</span>.
@if ($each->isAnswered){{ ucfirst($each->stands) }}.@else
The last day to answer is <strong>{{ $each->due }}</strong>, {{ $each->stands }}.@endif
@if ($each->why !== '')<br>The person was told that it takes longer: <q>{{ $each->why }}</q>@endif</p>
@can('decide', App\Models\RightsRequest::class)
<div class="acts">
@if ($each->isAnswered)
<form method="post" action="{{ route('requests.reopen', $each->id) }}">@csrf<button>It was not answered</button></form>
@else
<form method="post" action="{{ route('requests.answer', $each->id) }}">@csrf<button>It is answered</button></form>
@if ($each->why === '')
<details class="longer" @error('why') open @enderror><summary>It takes longer</summary>
<form method="post" action="{{ route('requests.extend', $each->id) }}">@csrf
<label for="why-{{ $each->id }}">What the person was told</label>
<textarea id="why-{{ $each->id }}" name="why" rows="2" maxlength="500"
 @error('why') autofocus aria-invalid="true" aria-describedby="wrong-why-{{ $each->id }}" @enderror>{{ old('why') }}</textarea>
@error('why')<p class="wrong" id="wrong-why-{{ $each->id }}" role="alert">{{ $message }}</p>@enderror
<button>Take the longer time</button></form></details>
@endif
<form method="post" action="{{ route('requests.drop', $each->id) }}">@csrf
<x-sure does="It asks for nothing of the kind" asks="It goes off the list of requests; the message stays." /></form>
@endif
</div>
@endcan
</section>
@endforeach
@error('request')<p class="wrong" role="alert">{{ $message }}</p>@enderror
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
<form method="post" action="{{ route('enquiries.spam', $row->id) }}">@csrf<button>It is spam</button></form>
<form method="post" action="{{ route('enquiries.give', $row->id) }}" class="ask">@csrf
<label for="to">or hand it to</label><x-options id="to" :of="$takers" /><button>Hand over</button>
@error('to')<p class="wrong" role="alert">{{ $message }}</p>@enderror</form>
@endif
<form method="post" action="{{ route('enquiries.request', $row->id) }}" class="ask">@csrf
<label for="asks">It is a request:</label><x-options id="asks" :of="$rights" /><button>Record it</button>
@error('asks')<p class="wrong" role="alert">{{ $message }}</p>@enderror</form>
<form method="post" action="{{ route('enquiries.withdraw', $row->id) }}">@csrf
<x-sure does="It withdraws a consent" asks="Whatever was agreed to with this address until it arrived ends, as told by a message." /></form>
@can('decide', App\Models\Enquiry::class)
<form method="post" action="{{ route('enquiries.delete', $row->id) }}">@csrf<x-sure does="Delete it" asks="Nothing of it is kept." /></form>
@endcan
</div>
@error('act')<p class="wrong" role="alert">{{ $message }}</p>@enderror
@endif
<p><a href="{{ route('enquiries') }}">All that are not closed</a></p>
</div>
@endsection
