@extends('office.layout')
@section('title', $page->name)
@section('state', $page->state)
@section('content')
<nav class="ways choices" aria-label="This point"><a href="{{ route('points.sheet', $point->slug) }}">Its sheet</a>
<a href="{{ route('points.flow', $point->slug) }}" aria-current="page">How it goes</a>
<a href="{{ route('points.history', $point->slug) }}">History</a></nav>
<div class="beside">
<div class="page">
<form method="get" class="ask">
<label for="days">Whoever was asked in the last</label><x-options id="days" :of="$page->days" />
<label for="language">in</label><x-options id="language" :of="$page->languages" />
<label for="edition">by</label><x-options id="edition" :of="$page->editions" />
@if ($page->placements !== [])<label for="placement">come upon</label><x-options id="placement" :of="$page->placements" />@endif
<button>Show</button><a href="{{ request()->fullUrlWithQuery(['as' => 'csv']) }}">CSV</a>
</form>
<figure class="chart flow">
<div class="wide" tabindex="0" role="region" aria-label="The way, drawn">
<svg viewBox="0 0 {{ $page->drawing->width() }} {{ $page->drawing->height() }}" role="img" aria-labelledby="flow-title">
<title id="flow-title">{{ $page->drawing->title() }}</title>
<defs><pattern id="hatched" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
<rect width="5" height="5" class="hatch-ground"/><path d="M0 0V5" class="hatch-line"/></pattern></defs>
@foreach ($page->drawing->bars() as $bar)
@if ($bar->link !== '')<polygon points="{{ $bar->link }}" class="flow-link"/>@endif
@if ($bar->isKnown())
@if ($bar->before > $bar->height)<rect x="{{ $bar->x }}" y="{{ $page->drawing::TOP + $bar->height }}" width="{{ $page->drawing::WIDE }}"
 height="{{ $bar->before - $bar->height }}" class="flow-lost"/>@endif
<rect x="{{ $bar->x }}" y="{{ $page->drawing::TOP }}" width="{{ $page->drawing::WIDE }}" height="{{ $bar->height }}" class="flow-bar"/>
@else
<rect x="{{ $bar->x }}" y="{{ $page->drawing::TOP }}" width="{{ $page->drawing::WIDE }}" height="{{ max(12, $bar->height) }}" class="flow-unknown"/>
@endif
<text x="{{ $bar->x }}" y="14" class="flow-name">{{ $bar->step->name }}</text>
<text x="{{ $bar->x }}" y="34" class="flow-count">{{ $bar->isKnown() ? number_format($bar->step->count) : 'not known' }}</text>
@if ($bar->said)<text x="{{ $bar->said->x }}" y="{{ $bar->said->y }}" text-anchor="{{ $bar->said->anchor }}"
 class="flow-said">{{ $bar->said->words }}</text>@endif
@endforeach
</svg>
</div>
<details><summary>The same as a table</summary>
<table><thead><tr><th scope="col">Step</th><th scope="col" class="figure">How many</th></tr></thead>
<tbody>@foreach ($page->drawing->steps as $step)
<tr><td>{{ $step->name }}</td><td class="figure">@include('points.flow-count', ['count' => $step->count, 'link' => $step->link])</td></tr>
@endforeach</tbody></table></details>
</figure>
@if ($page->since !== '')<p class="soft">{{ $page->since }}</p>@endif
@if ($page->spam !== '')<p class="soft">{{ $page->spam }}</p>@endif
@if ($page->fates !== [])
@include('points.flow-lines', ['title' => 'What became of those who were asked', 'lines' => $page->fates])
@endif
@if ($page->ticked !== [])
@include('points.flow-lines', ['title' => 'Said yes to', 'lines' => $page->ticked])
@endif
@if ($page->shown !== [])
@include('points.flow-lines', ['title' => 'Pages shown', 'lines' => $page->shown])
@endif
@foreach ($page->trials as $trial)
<section aria-labelledby="trial-{{ $trial->of->value }}"><h2 id="trial-{{ $trial->of->value }}">{{ $trial->of->heading() }}</h2>
<p><b>{{ $trial->says }}</b></p>
<p class="soft">{{ $trial->needed }} {{ $trial->open }}</p>
@if ($trial->rows !== [])
<table><caption>Allotted by chance, at the same time</caption>
<thead><tr><th scope="col">{{ ucfirst($trial->of->noun()) }}</th><th scope="col" class="figure">{{ $trial->of->reached() }}</th>
<th scope="col" class="figure">Confirmed</th><th scope="col">Rate, with 95 % confidence</th><th scope="col">Withdrew within 90 days</th></tr></thead>
<tbody>@foreach ($trial->rows as $row)
<tr><td>{{ $row->name }}</td><td class="figure">{{ number_format($row->people) }}</td><td class="figure">{{ number_format($row->confirmed) }}</td>
<td class="line"><svg width="220" height="18" aria-hidden="true"><path d="M0 9H220" class="trial-line"/><path
 d="M{{ $row->from() }} 9H{{ $row->to() }}" class="trial-span"/><path d="M{{ $row->at() }} 3V15" class="trial-at"/></svg> {{ $row->rate }}
<span class="soft">{{ $row->bounds() }}</span></td><td>{{ $row->withdrawal }}</td></tr>
@endforeach</tbody></table>
@endif
</section>
@endforeach
</div>
<aside class="margin" aria-label="Notes">
<section><p><b>How it is counted</b></p>
<p class="soft">Pages of the form are counted when they are asked for, without noting by whom; programs that fetch ahead or show previews are left out
 as far as they say what they are. The page behind a mail's link is noted of its sign-up until that ends, then only counted.
 No mail has a picture that tells.</p></section>
@if ($page->times !== [])
<section><p><b>How long it takes</b></p>
<table><thead><tr><th scope="col">Step</th><th scope="col">Half</th><th scope="col">9 of 10</th><th scope="col">99 %</th></tr></thead>
<tbody>@foreach ($page->times as $row)
<tr><td>{{ $row->name }}</td><td>{{ $row->half }}</td><td>{{ $row->most }}</td><td>{{ $row->nearly }}</td></tr>
@endforeach</tbody></table>
<p>{{ $page->enough }}</p></section>
@endif
</aside>
</div>
@endsection
