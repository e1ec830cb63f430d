@extends('office.layout')
@section('title', 'Where to draw the lines')
@section('state', 'what came in, and what other lines would have done to it')
@section('content')
@include('screening.tabs')
<div class="beside">
<div class="page">
<form method="get" id="lines" class="ask lines" hx-get="{{ route('screening.lines.part') }}" hx-target="#follows" hx-swap="outerHTML"
 hx-trigger="input delay:60ms, moved" hx-sync="this:replace">
<label for="days">In the last</label><x-options id="days" :of="$page->days" />
<label for="point">at</label><x-options id="point" :of="$page->points" />
<label for="puzzle">a puzzle from</label><span class="held-together"><input type="number" id="puzzle" name="puzzle" min="1" max="101"
 value="{{ $page->view->in('puzzle') }}"> %</span>
<label for="hold">held from</label><span class="held-together"><input type="number" id="hold" name="hold" min="1" max="101"
 value="{{ $page->view->in('hold') }}"> %</span>
<label for="refuse">refused from</label><span class="held-together"><input type="number" id="refuse" name="refuse" min="1" max="101"
 value="{{ $page->view->in('refuse') }}"> %</span>
<label for="lost">A person lost costs</label><input id="lost" name="lost" class="money" inputmode="decimal" autocomplete="off"
 value="{{ $page->view->in('lost') }}">
<label for="bot">a bot on the list</label><input id="bot" name="bot" class="money" inputmode="decimal" autocomplete="off"
 value="{{ $page->view->in('bot') }}">
<button>Show</button>
<input type="hidden" name="draws" id="draws" value="{{ $page->view->point->slug ?? '' }}">
</form>
@include('screening.follows')
@can('decide', App\Models\HeldSubmission::class)
<form method="post" id="draw" action="{{ route('screening.draw') }}" class="ask">@csrf
@include('screening.draws', ['part' => false])
@error('reason')<p class="wrong" id="wrong-reason" role="alert">{{ $message }}</p>@enderror
</form>
@endcan
@include('screening.moved', ['part' => false])
</div>
<aside class="margin" aria-label="Notes">
<section><p><b>What the lines are</b></p>
<p class="soft">Each submission has a risk: what is noticed of it, added up. From the first line on its browser solves a puzzle, from the second on a
 person decides, from the third on its consents are not taken. Enquiries, orders and entries are held at worst. 101 % is never.</p>
<p class="soft">Whoever solved the puzzle is not put another: they pass, or are held from 50 %. Whoever was put one and left is not among these: nothing of
 them is kept.</p>
<p class="soft">Ours to start with follow from what mistakes cost: holding from {{ $page->ours->hold }} % is where losing a person and
 letting a bot through cost the same.</p></section>
@if ($page->departures !== [])
<section><p><b>Points that depart from the house</b></p>
@foreach ($page->departures as $drawn)
<p><a href="{{ $drawn->href }}">{{ $drawn->point }}</a>: {{ $drawn->lines }} <span class="soft">{{ $drawn->reason }}</span></p>
@endforeach
</section>
@endif
@if ($page->before !== [])
<section><p><b>Drawn so far for {{ $page->at }}</b></p>
@foreach ($page->before as $drawn)
<p>{{ $drawn->lines }} <span class="soft">since {{ $drawn->since }}: {{ $drawn->reason }}</span>
@if ($loop->index > 0 && $drawn->href !== null)<a href="{{ $drawn->href }}">Look at these</a>@endif</p>
@endforeach
</section>
@endif
</aside>
</div>
@endsection
@push('scripts')
<script src="/build/lines.js" defer></script>
@endpush
