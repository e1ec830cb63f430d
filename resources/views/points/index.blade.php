@extends('office.layout')
@section('title', 'Signup points')
@section('state', count($rows).(count($rows) === 1 ? ' place' : ' places').' where people are asked')
@section('content')
@include('points.ways')
<div class="page">
<form method="get" class="ask"><label for="q">Find</label><input id="q" name="q" value="{{ $search }}" type="search"><button>Find</button><a href="{{ route('points', ['q' => $search, 'as' => 'csv']) }}">CSV</a></form>
@if ($rows === [])
<p>No signup point is called or stands like “{{ $search }}”. <a href="{{ route('points') }}">Show all</a></p>
@else
<table>
<caption>Signup points</caption>
<thead><tr><th scope="col">Point</th><th scope="col">Languages</th><th scope="col">Confirmed by mail</th><th scope="col">In force</th><th scope="col">Findings of the sheet</th><th scope="col" class="figure">Sign-ups, 30 days</th></tr></thead>
<tbody>
@foreach ($rows as $row)
<tr>
<td><a href="{{ route('points.sheet', $row->point->slug) }}"><b>{{ $row->sheet->name }}</b></a><br><span class="soft">{{ $row->sheet->place }}</span></td>
<td>{{ implode(', ', array_map(fn ($l) => $l->endonym(), $row->sheet->languages)) }}</td>
<td>@if ($row->sheet->rules->doubleOptIn)yes, within {{ $row->sheet->rules->lapseDays }} days @else<span class="breach">no</span>@endif</td>
<td>{{ $row->edition === null ? 'never published' : 'edition '.$row->edition }}@if ($row->point->paused_at)
<br><b class="weakness">paused</b>@endif
@if ($row->draft)<br><span class="soft">{{ $row->changed ? 'draft, saved' : 'registers changed after it; sheet saved' }} {{ App\Support\Moments::exact($row->revision->saved_at) }}</span>@endif</td>
<td>@if ($row->breaches)<span class="breach"><span class="shape breach" aria-hidden="true"></span> {{ $row->breaches }} {{ $row->breaches === 1 ? 'breach' : 'breaches' }}</span><br>@endif @if ($row->weaknesses)<span class="weakness"><span class="shape weakness" aria-hidden="true"></span> {{ $row->weaknesses }} {{ $row->weaknesses === 1 ? 'weakness' : 'weaknesses' }}</span>@endif @if ($row->breaches + $row->weaknesses === 0)<span class="met">✓ none</span>@endif</td>
<td class="figure">@can('viewAny', App\Models\Subscriber::class)<a href="{{ route('evidence.signups', ['point' => $row->point->slug, 'from' => now()->subDays(30)->format('Y-m-d')]) }}">{{ number_format($row->signups) }}</a>@else{{ number_format($row->signups) }}@endcan</td>
</tr>
@endforeach
</tbody>
</table>
@endif
@can('change', App\Models\Point::class)
<form method="post" action="{{ route('points.begin') }}" class="ask begin">@csrf
@error('name')<p class="wrong" role="alert">{{ $message }}</p>@enderror
<label for="name">Begin a signup point called</label><input id="name" name="name" class="short" value="{{ old('name') }}"><label for="statement">that asks for</label><select id="statement" name="statement">@foreach ($statements as $each)<option @selected(old('statement') === $each)>{{ $each }}</option>@endforeach</select><button>Begin</button> <span class="soft">It inherits every rule of the house.</span></form>
@endcan
</div>
@endsection
