@extends('office.layout')
@section('title', 'Sign-ups')
@section('state', number_format($signups->total()).' '.($filters['state'] ?? 'of every kind').' '.(isset($filters['point']) ? 'at '.$filters['point'] : '').(isset($filters['words']) ? ' to exactly these words' : ''))
@section('content')
<div class="page">
<form method="get" class="ask">
<label for="state">Those</label><select id="state" name="state"><option value="">of every kind</option>@foreach ($states as $each)<option
 @selected($each === ($filters['state'] ?? ''))>{{ $each }}</option>@endforeach</select>
<label for="point">at</label><select id="point" name="point"><option value="">every point</option>@foreach ($points as $each)<option
 @selected($each === ($filters['point'] ?? ''))>{{ $each }}</option>@endforeach</select>
<label for="from">from</label><input type="date" id="from" name="from" class="short" value="{{ $filters['from'] ?? '' }}">
<label for="to">to</label><input type="date" id="to" name="to" class="short" value="{{ $filters['to'] ?? '' }}">
@isset($filters['words'])<input type="hidden" name="words" value="{{ $filters['words'] }}">@endisset
<button>Show</button><a href="{{ route('evidence.signups', [...$filters, 'as' => 'csv']) }}">CSV</a>@if ($filters !== []) <a
 href="{{ route('evidence.signups') }}">Show all</a>@endif
</form>
@if ($signups->isEmpty())
<p>No sign-up is like that.</p>
@else
<table>
<caption>Sign-ups, newest first</caption>
<thead><tr><th scope="col">Asked</th><th scope="col">Person</th><th scope="col">Form</th><th scope="col">What became of it</th></tr></thead>
<tbody>
@foreach ($signups as $each)
@php($subject = $each->subscriber->subject->hex())
<tr>
<td class="line">{{ $exact($each->asked_at) }}</td>
<td><a href="{{ route('evidence.person', $subject) }}">
@if ($addresses->has($subject))<b>{{ $addresses->get($subject)->value }}</b>@else<span
 class="soft">{{ App\Queries\Evidence\ListSignups::withoutAddress($each->state) }}</span>@endif</a></td>
<td>{{ $each->edition->point->slug }}, edition {{ $each->edition->number }}, {{ $each->language->endonym() }}</td>
<td>{{ App\Queries\Evidence\ListSignups::word($each->state) }}@if ($each->ended_at) <span class="soft">{{ $exact($each->ended_at) }}</span>@endif</td>
</tr>
@endforeach
</tbody>
</table>
{{ $signups->links('office.pages') }}
@endif
</div>
@endsection
