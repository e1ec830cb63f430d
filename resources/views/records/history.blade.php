@extends('office.layout')
@php
use App\Support\Moments;
$here = [$record->kind->value, $record->slug];
$label = fn (string $state): string => ($state[0] === 'e' ? 'edition ' : 'revision ').substr($state, 1);
$language = fn (string $tag): string => Juramen\Register\Language::from($tag)->endonym();
@endphp
@section('title', 'History of '.lcfirst(App\Support\RecordNames::title($record->kind, $record->slug, $thing)))
@section('state', count($revisions).' revisions, '.count($editions).' editions')
@section('content')
<div class="beside">
<div class="page reading">
<form method="get" class="question">
<label for="from">What changed from</label><select id="from" name="from">@foreach ($states as $each)<option value="{{ $each }}" @selected($each === $from)>{{ $label($each) }}</option>@endforeach</select>
<label for="to">to</label><select id="to" name="to">@foreach ($states as $each)<option value="{{ $each }}" @selected($each === $to)>{{ $label($each) }}</option>@endforeach</select>
<button>Compare</button>
@if (count($texts) > 1)<label for="left">or in {{ $label($to) }}</label><select id="left" name="left"><option value="">no languages</option>@foreach ($texts as $tag)<option value="{{ $tag }}" @selected($tag === $left)>{{ $language($tag) }}</option>@endforeach</select>
<label for="right">with</label><select id="right" name="right"><option value="">…</option>@foreach ($texts as $tag)<option value="{{ $tag }}" @selected($tag === $right)>{{ $language($tag) }}</option>@endforeach</select><button>Compare languages</button>@endif
</form>
@if ($languages !== null)
<section><h2>{{ $language($left) }} and {{ $language($right) }}</h2><p class="change font-serif text-lg">{!! App\Support\Underlines::difference($languages) !!}</p></section>
@endif
@forelse ($difference as $place => $change)
<section><h2>{{ App\Support\RecordNames::place($place) }}</h2><p class="change {{ str_starts_with($place, 'texts/') ? 'font-serif text-lg' : '' }}">{!! App\Support\Underlines::difference($change) !!}</p></section>
@empty
<p>Nothing differs between {{ $label($from) }} and {{ $label($to) }}.</p>
@endforelse
</div>
<aside class="margin" aria-label="Editions, proposals and revisions">
@foreach ($editions as $edition)
<section><p><b>Edition {{ $edition->number }}</b>, approved {{ Moments::exact($edition->approved_at) }} by {{ $edition->approver->name }}; holds from {{ Moments::plain($edition->effective) }}</p>@if ($edition->comment !== '')<p>{{ $edition->comment }}</p>@endif<p class="mono soft">{{ $edition->digest->hex() }}</p></section>
@endforeach
@if (count($proposals))<section><p><b>Proposals</b></p>
@foreach ($proposals as $proposal)<p>{{ $proposal->submitter->name }} submitted revision {{ $proposal->revision }}, {{ Moments::exact($proposal->submitted_at) }}@if ($proposal->comment !== ''): {{ $proposal->comment }}@endif @if ($proposal->decision)<br><span class="soft">{{ $proposal->decision->value }} by {{ $proposal->decider?->name }}@if ($proposal->reply !== ''): {{ $proposal->reply }}@endif</span>@endif</p>@endforeach
</section>@endif
<section><p><b>Revisions</b></p>
@foreach ($revisions as $each)
<p><a href="{{ route('records.history', [...$here, 'from' => 'r'.max(1, $each->number - 1), 'to' => 'r'.$each->number]) }}">{{ $each->number }}</a> {{ $each->author->name }} {{ $each->said ?: 'began it' }} <span class="soft">{{ Moments::exact($each->saved_at) }}</span></p>
@endforeach
</section>
<p><a href="{{ route('records.show', $here) }}">Back</a></p>
</aside>
</div>
@endsection
