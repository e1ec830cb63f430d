@extends('office.layout')
@php
$departing = count(array_filter($rows, fn ($r) => $r->sheet->departures !== []));
$may = auth()->user()->can('change', App\Models\Point::class);
$short = fn (Juramen\Register\Holding $h): string => match ($h->rule) {
    Juramen\Register\Rule::DoubleOptIn => $h->value ? 'yes' : 'no',
    Juramen\Register\Rule::Screening => $h->value ? 'yes' : 'no',
    Juramen\Register\Rule::LapseDays => $h->value.($h->value === 1 ? ' day' : ' days'),
    Juramen\Register\Rule::ReminderDays => $h->value === 0 ? 'none' : "after $h->value",
    Juramen\Register\Rule::KeepNetwork => $h->value ? 'truncated' : 'nothing',
};
@endphp
@section('title', 'Points by rules')
@section('state', $departing === 0 ? 'every point follows the house' : ($departing === 1 ? 'one point departs from the house' : "$departing points depart from the house"))
@section('content')
@include('points.ways')
<div class="page">
<form method="get" class="ask"><label for="q">Find</label><input id="q" name="q" value="{{ $search }}" type="search"><label for="only">show</label><select id="only" name="only">@foreach (['' => 'every point', 'departures' => 'departures only', 'unconfirmed' => 'without confirmation only'] as $value => $name)<option value="{{ $value }}" @selected($value === $only)>{{ $name }}</option>@endforeach</select><button>Show</button><a href="{{ route('rules', ['q' => $search, 'only' => $only, 'as' => 'csv']) }}">CSV</a></form>
@if ($rows === [])<p>No such point. <a href="{{ route('rules') }}">Show all</a></p>@else
<form method="post" action="{{ route('rules.follow') }}">@csrf
<table class="by-rules"><caption>Points by rules</caption>
<thead><tr><th scope="col">Point</th>@foreach ($rules as $rule)<th scope="col">{{ $rule->title() }}</th>@endforeach<th scope="col">Law of</th></tr></thead>
<tbody>
@foreach ($rows as $row)
<tr>
<th scope="row"><a href="{{ route('points.sheet', $row->point->slug) }}#part-4">{{ $row->sheet->name }}</a><br><span class="soft">{{ $row->edition === null ? 'never published' : 'edition '.$row->edition }}@if ($row->draft && $row->edition !== null), draft @endif</span></th>
@foreach ($row->holdings as $holding)
<td class="{{ $holding->origin() }}" data-rule="{{ $holding->rule->title() }}">@if ($holding->departure)
<b @class(['breach' => $holding->defiesRegime()])><span class="departs-mark" aria-hidden="true">↗</span> {{ $short($holding) }}</b><br><span class="soft">departs: {{ $holding->departure->reason }} ({{ $holding->departure->by }}, {{ App\Support\Moments::plain($holding->departure->on) }})</span>
@if ($may)<br><label class="line"><input type="checkbox" name="follow[]" value="{{ $row->point->slug }}/{{ $holding->rule->value }}"> follow the house again</label>@endif
@else
{{ $short($holding) }}<br><span class="soft">{{ $holding->demands === [] ? 'house' : implode(', ', array_map(fn ($d) => $d->regime->name(), $holding->demands)) }}</span>
@endif</td>
@endforeach
<td class="soft" data-rule="Law of">{{ $row->sheet->countries === [] ? 'unknown: the strictest' : ucfirst(implode(', ', array_map(fn ($r) => $r->name(), $regimes($row->sheet->countries)))) }}</td>
</tr>
@endforeach
</tbody></table>
@if ($may && $departing > 0)<p class="mt-3"><button id="follow">Let the chosen follow the house again</button></p>@endif
</form>
@endif
<p class="soft">The house rules stand under <a href="{{ route('records.show', ['rules', 'house']) }}">Wording, house rules</a>. A departure is made on the point's own sheet, with its reason.</p>
</div>
@endsection
