@extends('office.layout')
@section('title', $statement->id)
@section('state', str_replace('-', ' ', $statement->purpose).' by '.Juramen\Points\Sentences::listed(array_map(fn ($c) => $c->value, $statement->channels)))
@section('content')
<div class="beside">
<div class="page reading">
@if (count($editions) > 1)
<form method="get" class="question"><label for="from">What changed from edition</label><select id="from" name="from">@foreach ($editions as $each)<option @selected($each->number === $from->number)>{{ $each->number }}</option>@endforeach</select><label for="to">to</label><select id="to" name="to">@foreach ($editions as $each)<option @selected($each->number === $to->number)>{{ $each->number }}</option>@endforeach</select><button>Compare</button></form>
@endif
@foreach ($changes as $language => $difference)
<section><h2>{{ Juramen\Register\Language::from($language)->endonym() }}</h2>
<p class="change font-serif text-lg" lang="{{ $language }}">{!! App\Support\Underlines::difference($difference) !!}</p>
<p class="soft">{{ $ease[$language]->words }} words in {{ $ease[$language]->sentences }} {{ $ease[$language]->sentences === 1 ? 'sentence' : 'sentences' }}, the longest of {{ $ease[$language]->longest }}; reading ease {{ round($ease[$language]->score) }} of 100, where 60 is plain.</p>
</section>
@endforeach
</div>
<aside class="margin" aria-label="Editions">
@foreach ($editions as $each)
<section>
<p><b>Edition {{ $each->number }}</b></p>
<p class="soft">approved {{ $each->approved_at ? App\Support\Moments::exact($each->approved_at) : '' }} by {{ $each->approver?->name }}</p>
<p>{{ number_format($register->people($each)) }} {{ $register->people($each) === 1 ? 'person' : 'people' }} agreed to exactly these words</p>
<p class="soft">{{ implode('; ', $register->usedIn($each)) }}</p>
<p class="mono soft">{{ $each->digest->hex() }}</p>
</section>
@endforeach
<p><a href="{{ route('wording') }}">All statements</a></p>
</aside>
</div>
@endsection
