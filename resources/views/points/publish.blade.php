@extends('office.layout')
@section('title', 'Publish '.$sheet->name)
@section('state', $edition === null ? 'edition 1, reviewed whole' : 'edition '.($edition->number + 1).', by what differs from edition '.$edition->number)
@section('content')
<form method="post" action="{{ route('points.publish.do', $point->slug) }}" class="beside">
@csrf
<input type="hidden" name="looked" value="{{ $publication->looked() }}">
<div class="page reading">
@error('looked')<p class="wrong" role="alert">{{ $message }}</p>@enderror
@if ($publication->before !== null)
@include('points.difference', ['difference' => $publication->difference()])
@else
@foreach (Juramen\Points\Sentences::PARTS as $part => $title)
<section><h2><span>{{ $part }}</span> {{ $title }}</h2>
@foreach ($whole as [$of, $sentence])
@if ($of === $part)<p>{{ $sentence }}</p>@endif
@endforeach
</section>
@endforeach
@endif
</div>
<aside class="margin" aria-label="What stops or allows it">
@if (! $publication->differs())
<p>The sheet is what edition {{ $edition->number }} froze. There is nothing to publish.</p>
@else
@php($uncovered = $publication->uncovered())
@php($stops = $publication->stops())
@php($own = $publication->keepsOut(auth()->user()))
@php($n = count($uncovered))
@php($open = $stops === [] && $own === null && auth()->user()->can('publish', App\Models\Point::class))
@if ($n > 0)
<p class="breach"><span class="shape breach" aria-hidden="true"></span> {{ $n }} {{ $n === 1 ? 'breach stops' : 'breaches stop' }} this edition</p>
<p>Mend {{ $n === 1 ? 'it' : 'them' }} on <a href="{{ route('points.sheet', $point->slug) }}">the sheet</a>@if ($open), or write why {{ $n === 1 ? 'it' : 'each' }} may stay and until when.
What you write stands on the point, under your name, and holds for exactly what was found.@else. Why one may stay can be written here once nothing else stops it.@endif</p>
@else
<p class="met"><span aria-hidden="true">✓</span> No breach stops this edition</p>
@endif
@foreach ($stops as $stop)<p class="weakness"><span class="shape weakness" aria-hidden="true"></span> {{ $stop }}</p>@endforeach
@foreach ($unapproved as $each)<p><a href="{{ route('records.review', ['statement', $each]) }}">Review the words of {{ $each }}</a></p>@endforeach
@foreach (array_values($uncovered) as $i => $finding)
<section>
@foreach ($finding->notes as $note)<p>{{ $note->result->says }}</p>@endforeach
<p class="soft"><a href="{{ route('requirement', $finding->requirement->id()) }}">{{ $finding->requirement->source()->text }}</a></p>
@error($finding->key())<p class="wrong" role="alert" id="fault-{{ $i }}">{{ $message }}</p>@enderror
@if ($open)
<label for="reason-{{ $i }}">Why it may stay</label>
<textarea id="reason-{{ $i }}" name="reason[{{ $finding->key() }}]" rows="2" maxlength="1000">{{ old('reason.'.$finding->key()) }}</textarea>
<label for="until-{{ $i }}">Until</label>
<input id="until-{{ $i }}" name="until[{{ $finding->key() }}]" type="date" value="{{ old('until.'.$finding->key()) }}">
@endif
</section>
@endforeach
@foreach ($judgement->notes as $note)
@if ($note->result->verdict !== Juramen\Audit\Verdict::Breach)<p class="soft">{{ ucfirst($note->result->verdict->value) }}: {{ $note->result->says }}</p>@endif
@endforeach
@if ($own !== null)<p class="weakness">{{ $own }} @if ($publication->writers !== [])<span class="soft">Written by {{ implode(', ', $publication->writers) }}.</span>@endif</p>@endif
@if ($open)
<button class="do" id="do-publish">@if ($n > 0)Except and publish edition {{ $publication->number() }}@else
Publish edition {{ $publication->number() }}@endif</button>
@elseif ($stops === [] && $own === null)<p class="soft">An officer publishes.</p>
@endif
@endif
<p><a href="{{ route('points.sheet', $point->slug) }}">Back to the sheet</a></p>
</aside>
</form>
@endsection
