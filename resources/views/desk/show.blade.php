@extends('office.layout')
@php
$words = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine', 'Ten', 'Eleven', 'Twelve'];
$n = count($decisions);
$sum = fn (string $what): int => array_sum(array_column($days, $what));
$asked = $sum('confirmed') + $sum('waiting') + $sum('lapsed') + $sum('withdrawn');
$see = auth()->user()->can('viewAny', App\Models\Subscriber::class);
$of = fn (array $filter): ?string => $see ? route('evidence.signups', [...$filter, 'from' => array_key_first($days)]) : null;
$counts = [[$asked, 'asked', $of([])], ...array_map(fn (string $what): array => [$sum($what), $what, $of(['state' => $what])], ['confirmed', 'waiting', 'lapsed']), [$sum('held'), 'held', $see ? route('held') : null]];
$most = max(4, ...array_values(array_map(fn ($day) => array_sum($day), $days)));
$height = 96;
@endphp
@section('title', ($words[$n] ?? $n).($n === 1 ? ' thing needs you' : ' things need you'))
@section('state', $today->utc->setTimezone(App\Support\Moments::zone())->format('l, j F Y'))
@section('content')
<div class="beside">
<div class="page">
<figure class="chart">
<svg viewBox="0 0 900 {{ $height + 4 }}" role="img" aria-labelledby="chart-title" preserveAspectRatio="none">
<title id="chart-title">Sign-ups of the last 30 days: {{ $asked }} asked, {{ $sum('confirmed') }} confirmed, {{ $sum('waiting') }} waiting, {{ $sum('lapsed') }} lapsed, {{ $sum('held') }} held</title>
<defs><pattern id="hatched" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
<rect width="5" height="5" class="hatch-ground"/><path d="M0 0V5" class="hatch-line"/></pattern></defs>
@foreach (array_values($days) as $i => $day)
@php($y = $height)
@foreach (['confirmed' => 'bar-confirmed', 'withdrawn' => 'bar-confirmed', 'waiting' => 'bar-waiting', 'lapsed' => 'bar-lapsed', 'held' => 'bar-held'] as $what => $class)
@if ($day[$what] > 0)
@php($h = $day[$what] / $most * ($height - 6))
@php($y -= $h)
<rect x="{{ $i * 30 + 4 }}" y="{{ round($y, 1) }}" width="22" height="{{ round(max(1, $h - 1), 1) }}" class="{{ $class }}"/>
@endif
@endforeach
@endforeach
<path d="M0 {{ $height + 1 }}H900" class="axis"/>
</svg>
<figcaption><span>{{ date('j M', strtotime(array_key_first($days))) }}</span><span>@foreach ($counts as [$count, $word, $link])@if ($link !== null)<a
 href="{{ $link }}">{{ $count }} {{ $word }}</a>@else{{ $count }} {{ $word }}@endif{{ $loop->last ? '' : ' · ' }}@endforeach</span><span>today</span></figcaption>
<details><summary>The same as a table</summary><table><thead><tr>
<th scope="col">Day</th>@foreach (App\Queries\Desk\ThirtyDays::WHAT as $what)<th scope="col" class="figure">{{ $what }}</th>@endforeach</tr></thead>
<tbody>@foreach (array_reverse($days) as $day => $counts)<tr>
<td>{{ date('j M Y', strtotime($day)) }}</td>@foreach ($counts as $what => $count)<td class="figure">@if ($see && $count > 0 && $what !== 'held')<a
 href="{{ route('evidence.signups', ['state' => $what, 'from' => $day, 'to' => $day]) }}">{{ $count }}</a>@else{{ $count }}@endif</td>@endforeach</tr>@endforeach</tbody></table></details>
</figure>
@forelse ($decisions as $decision)
<article class="decision">
<p class="{{ $decision->urgency === 0 ? 'breach' : 'soft' }}">{{ $decision->when }}</p>
<div><p><b>{{ $decision->about }}</b> {{ $decision->says }}</p>@if ($decision->more !== '')<p class="soft">{{ $decision->more }}</p>@endif</div>
<a href="{{ $decision->link }}">{{ $decision->do }}</a>
</article>
@empty
<p class="decision-none">Nothing needs you today. What comes up stands here: breaches, drafts, held submissions, mails whose fate is unknown.</p>
@endforelse
</div>
<aside class="margin" aria-label="How things stand">
<p class="soft">Margin</p>
<section><p class="met"><span aria-hidden="true">✓</span> {{ number_format($sealed) }} entries sealed</p>
<p class="soft">The newest checkpoint is public <a href="{{ route('ledger.checkpoint') }}">here</a>, for whoever wants to hold us to it.</p></section>
<section><p><b>Deleted in seven days</b></p>
@forelse ($deleted as $each)<p>{{ number_format($each->count) }} {{ $each->what }}</p>@empty<p class="soft">Nothing was due.</p>@endforelse</section>
@if ($departures !== [])<section><p><b>Departures from the house rules</b></p>
@foreach ($departures as $each)
<p><a href="{{ route('points.sheet', $each->slug) }}#part-4">{{ $each->name }}</a>: {{ $each->says }}
@if ($each->defies) <span class="breach">against the law of its visitors</span>@endif
<br><span class="soft">{{ $each->why }}</span></p>
@endforeach
<p><a href="{{ route('rules') }}">All points by rules</a></p></section>@endif
@can('viewAny', App\Models\Message::class)<section><p><a href="{{ route('mails') }}">Mails on their way</a></p></section>@endcan
</aside>
</div>
@endsection
