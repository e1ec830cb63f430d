<div id="moved" @if ($part) hx-swap-oob="true" @endif>
@if ($page->isAnother && $page->pages->total() > 0)
<table><caption>Would have gone another way: {{ number_format($page->pages->total()) }}</caption>
<thead><tr><th scope="col">When</th><th scope="col">Where</th><th scope="col" class="figure">Risk</th><th scope="col">Way</th><th scope="col">Decided</th>
<th scope="col">Noticed</th></tr></thead>
<tbody>@foreach ($page->moved as $row)
<tr><td class="line">{{ $row->at }}</td><td>{{ $row->point }}</td><td class="figure">{{ $row->risk }} %</td><td>{{ $row->from }} → {{ $row->to }}</td>
<td>{{ $row->decided }}</td><td>{{ $row->why }}</td></tr>
@endforeach</tbody></table>
{{ $page->pages->links('office.pages') }}
@endif
</div>
