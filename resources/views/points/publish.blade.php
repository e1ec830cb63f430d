@extends('office.layout')
@section('title', 'Publish '.$sheet->name)
@section('state', $edition === null ? 'edition 1, reviewed whole' : 'edition '.($edition->number + 1).', by what differs from edition '.$edition->number)
@section('content')
<form method="post" action="{{ route('points.publish.do', $point->slug) }}" class="beside">
@csrf
<input type="hidden" name="looked" value="{{ $revision->number }}">
<div class="page reading">
@error('looked')<p class="wrong" role="alert">{{ $message }}</p>@enderror
@if ($difference !== null)
@include('points.difference')
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
@if ($isPublished)
<p>The sheet is what edition {{ $edition->number }} froze. There is nothing to publish.</p>
@elseif ($uncovered !== [])
<p class="breach"><span class="shape breach" aria-hidden="true"></span> {{ count($uncovered) }} {{ count($uncovered) === 1 ? 'breach stops' : 'breaches stop' }} this edition</p>
<p>Mend {{ count($uncovered) === 1 ? 'it' : 'them' }} on <a href="{{ route('points.sheet', $point->slug) }}">the sheet</a>, or write why {{ count($uncovered) === 1 ? 'it' : 'each' }} may stay and until when. What you write stands on the point, under your name.</p>
@foreach ($uncovered as $i => $note)
<section>
<p>{{ $note->result->says }} <span class="soft"><a href="{{ route('requirement', $note->result->requirement->id()) }}">{{ $note->result->requirement->source()->text }}</a></span></p>
@error($note->key())<p class="wrong" role="alert" id="fault-{{ $i }}">{{ $message }}</p>@enderror
<label for="reason-{{ $i }}">Why it may stay</label>
<textarea id="reason-{{ $i }}" name="reason[{{ $note->key() }}]" rows="2">{{ old('reason.'.$note->key()) }}</textarea>
<label for="until-{{ $i }}">Until</label>
<input id="until-{{ $i }}" name="until[{{ $note->key() }}]" type="date" value="{{ old('until.'.$note->key()) }}">
</section>
@endforeach
@can('publish', App\Models\Point::class)<button class="do">Except and publish</button>@endcan
@else
<p class="met"><span aria-hidden="true">✓</span> No breach stops this edition</p>
@foreach ($judgement->notes as $note)<p class="soft">{{ ucfirst($note->result->verdict->value) }}: {{ $note->result->says }}</p>@endforeach
@php($unapproved = array_filter($sheet->statements, fn ($s) => ! $s->isApproved()))
@foreach ($unapproved as $each)<p class="weakness"><span class="shape weakness" aria-hidden="true"></span> Nobody has approved the words of <a href="{{ route('records.review', ['statement', $each->id]) }}">{{ $each->id }}</a>, so this cannot be published yet.</p>@endforeach
@if ($unapproved !== [])
@elsecan('publish', App\Models\Point::class)<button class="do" id="do-publish">Publish edition {{ ($edition->number ?? 0) + 1 }}</button>@else<p class="soft">An officer publishes.</p>@endif
@endif
<p><a href="{{ route('points.sheet', $point->slug) }}">Back to the sheet</a></p>
</aside>
</form>
@endsection
