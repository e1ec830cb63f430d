@extends('office.layout')
@section('title', ($page->mayPublish ? 'Publish ' : 'Hand over ').$page->name)
@section('state', $page->before === null ? 'edition 1, reviewed whole' : "edition {$page->number}, by what differs from edition {$page->before}")
@section('content')
@php($n = count($page->uncovered))
<div class="beside tall">
<div class="page reading">
@error('looked')<p class="wrong" role="alert">{{ $message }}</p>@enderror
@if ($page->before !== null)
@include('points.difference', ['difference' => $page->difference])
@else
@foreach ($page->whole as $part)
<section><h2><span>{{ $part->part->value }}</span> {{ $part->part->title() }}</h2>
@foreach ($part->sentences as $sentence)<p>{{ $sentence }}</p>@endforeach
</section>
@endforeach
@endif
</div>
<aside class="margin" aria-label="What stops or allows it">
@if ($page->handed !== null)
<section class="returned"><p><b>Handed over</b> by {{ $page->handed->by }} <span class="soft">{{ $page->handed->at }}</span></p>
@if ($page->handed->comment !== '')<p>{{ $page->handed->comment }}</p>@endif
@if ($page->handed->changed)<p class="weakness">The sheet was changed since; what stands here is what it is now.</p>@endif</section>
@endif
<form method="post" action="{{ route('points.publish.do', $page->point->slug) }}" class="notes">
@csrf
<input type="hidden" name="looked" value="{{ $page->looked }}">
@if (! $page->differs)
<p>The sheet is what edition {{ $page->before }} froze. There is nothing to publish.</p>
@else
@if ($n > 0)
<p class="breach"><x-shape verdict="breach" /> {{ $n }} {{ $n === 1 ? 'breach stops' : 'breaches stop' }} this edition</p>
<p>Mend {{ $n === 1 ? 'it' : 'them' }} on <a href="{{ route('points.sheet', $page->point->slug) }}">the sheet</a>
@if ($page->open), or write why {{ $n === 1 ? 'it' : 'each' }} may stay and until when.
What you write stands on the point, under your name, and holds for exactly what was found.
@else. Why one may stay can be written here once nothing else stops it.@endif</p>
@else
<p class="met"><span aria-hidden="true">✓</span> No breach stops this edition</p>
@endif
@foreach ($page->stops as $stop)<p class="weakness"><x-shape verdict="weakness" /> {{ $stop }}</p>@endforeach
@foreach ($page->unapproved as $each)<p><a href="{{ route('records.review', ['statement', $each]) }}">Review the words of
 {{ str_replace('-', ' ', $each) }}</a></p>@endforeach
@foreach ($page->uncovered as $i => $finding)
<section>
@foreach ($finding->notes as $note)<p>{{ $note->result->says }}</p>@endforeach
<p class="soft"><a href="{{ route('requirement', $finding->requirement->id()) }}">{{ $finding->requirement->source()->text }}</a></p>
@error($finding->key())<p class="wrong" role="alert" id="fault-{{ $i }}">{{ $message }}</p>@enderror
@if ($page->open)
<label for="reason-{{ $i }}">Why it may stay</label>
<textarea id="reason-{{ $i }}" name="reason[{{ $finding->key() }}]" rows="2" maxlength="1000">{{ old('reason.'.$finding->key()) }}</textarea>
<label for="until-{{ $i }}">Until</label>
<input id="until-{{ $i }}" name="until[{{ $finding->key() }}]" type="date" value="{{ old('until.'.$finding->key()) }}">
@endif
</section>
@endforeach
@foreach ($page->others as $other)<p class="soft">{{ $other }}</p>@endforeach
@if ($page->own !== null)
<p class="weakness">{{ $page->own }} @if ($page->writers !== '')<span class="soft">Written by {{ $page->writers }}.</span>@endif</p>
@endif
@if ($page->open)
<button class="do" id="do-publish">{{ $n > 0 ? 'Publish with exceptions' : 'Publish' }}{{ $n > 0 ? ', ' : ' ' }}edition {{ $page->number }}</button>
@elseif ($page->stops === [] && $page->own === null)
<p class="soft">An officer publishes.</p>
@endif
@endif
</form>
@if ($page->differs && $page->mayHandOver && ! $page->open && $page->handed === null)
<section><form method="post" action="{{ route('points.handover', $page->point->slug) }}" class="stack">@csrf
<label for="comment">What is new, for whoever publishes it</label>
<textarea id="comment" name="comment" rows="3" maxlength="1000" @error('comment') aria-invalid="true" aria-describedby="wrong-comment"
 @enderror>{{ old('comment') }}</textarea>
@error('comment')<p class="wrong" id="wrong-comment" role="alert">{{ $message }}</p>@enderror
<button class="do" id="do-hand-over">Hand it over to the officers</button></form></section>
@endif
@if ($page->handed !== null && $page->handed->own)
<section><form method="post" action="{{ route('points.takeback', $page->point->slug) }}">@csrf<button id="take-back">Take it back</button></form></section>
@endif
@if ($page->mayReturn && ! $page->handed->own)
<section><form method="post" action="{{ route('points.return', $page->point->slug) }}" class="stack">@csrf
<label for="comment">{{ $page->differs ? 'Or say what is to be changed first' : 'Send it back with a word' }}</label>
<textarea id="comment" name="comment" rows="2" maxlength="1000" @error('comment') aria-invalid="true" aria-describedby="wrong-comment"
 @enderror>{{ old('comment') }}</textarea>
@error('comment')<p class="wrong" id="wrong-comment" role="alert">{{ $message }}</p>@enderror
<button id="send-back">Send it back</button></form></section>
@endif
<p><a href="{{ route('points.sheet', $page->point->slug) }}">Back to the sheet</a></p>
</aside>
</div>
@endsection
