@extends('office.layout')
@section('title', $page->title())
@section('state', $page->today)
@section('content')
<div class="beside">
<div class="page">
@include('desk.chart', ['chart' => $page->chart])
@forelse ($page->decisions as $decision)
<article class="decision">
<p class="{{ $decision->urgency === 0 ? 'breach' : 'soft' }}">{{ $decision->when }}</p>
<div><p><b>{{ $decision->about }}</b> {{ $decision->says }}</p>@if ($decision->more !== '')<p class="soft">{{ $decision->more }}</p>@endif</div>
<a href="{{ $decision->link }}">{{ $page->doing($decision) }}</a>
</article>
@empty
<p class="decision-none">What comes up stands here: breaches, drafts, held submissions, mails whose fate is unknown.</p>
@endforelse
</div>
<aside class="margin" aria-label="How things stand">
<h2 class="soft">How things stand</h2>
<section><p class="met"><span aria-hidden="true">✓</span> {{ number_format($page->sealed) }} entries sealed</p>
<p class="soft">The newest checkpoint is public <a href="{{ route('ledger.checkpoint') }}">here</a>, for whoever wants to hold us to it.</p></section>
<section><p><b>Deleted in seven days</b></p>
@forelse ($page->deleted as $each)<p>{{ number_format($each->count) }} {{ $each->what }}</p>@empty<p class="soft">Nothing was due.</p>@endforelse</section>
@if ($page->departures !== [])<section><p><b>Departures from the house rules</b></p>
@foreach ($page->departures as $each)
<p><a href="{{ $each->href }}">{{ $each->name }}</a>: {{ $each->says }}
@if ($each->defies) <span class="breach">against the law of its visitors</span>@endif
<br><span class="soft">{{ $each->why }}</span></p>
@endforeach
<p><a href="{{ route('rules') }}">All points by rules</a></p></section>@endif
@can('endFor', App\Models\Subscriber::class)<section><p><a href="{{ route('withdrawals') }}">Record a withdrawal</a> that came by phone or
letter</p></section>@endcan
@can('viewAny', App\Models\Delivery::class)<section><p><a href="{{ route('mails') }}">Mails on their way</a></p></section>@endcan
@can('viewAny', App\Models\Act::class)<section><p><a href="{{ route('acts') }}">What was done here</a>, and by whom</p></section>@endcan
</aside>
</div>
@endsection
