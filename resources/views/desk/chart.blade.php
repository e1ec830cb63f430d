<figure class="chart">
<svg viewBox="0 0 {{ $chart->width() }} {{ $chart::HEIGHT + 4 }}" role="img" aria-labelledby="chart-title" preserveAspectRatio="none">
<title id="chart-title">{{ $chart->title() }}</title>
<defs><pattern id="hatched" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
<rect width="5" height="5" class="hatch-ground"/><path d="M0 0V5" class="hatch-line"/></pattern></defs>
@foreach ($chart->bars() as $bar)
<rect x="{{ $bar->x }}" y="{{ $bar->y }}" width="22" height="{{ $bar->height }}" class="{{ $bar->class }}"/>
@endforeach
<path d="M0 {{ $chart::HEIGHT + 1 }}H{{ $chart->width() }}" class="axis"/>
</svg>
<figcaption><span>{{ $chart->from() }}</span><span>
@foreach ($chart->counts() as $each)
@if ($each->link !== null)<a href="{{ $each->link }}">{{ $each->text() }}</a>@else{{ $each->text() }}@endif{{ $loop->last ? '' : ' · ' }}
@endforeach
</span><span>today</span></figcaption>
<details><summary>The same as a table</summary>
<table><thead><tr><th scope="col">Day</th>
@foreach ($chart->columns() as $column)<th scope="col" class="figure">{{ $column }}</th>@endforeach
</tr></thead>
<tbody>
@foreach ($chart->rows() as $row)
<tr><td>{{ $row->day }}</td>
@foreach ($row->counts as $each)
<td class="figure">@if ($each->link !== null)<a href="{{ $each->link }}">{{ $each->count }}</a>@else{{ $each->count }}@endif</td>
@endforeach
</tr>
@endforeach
</tbody></table></details>
</figure>
