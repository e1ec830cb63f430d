@props(['title', 'columns', 'rows', 'record' => false])
<table><caption>{{ $title }}</caption>
<thead><tr>@foreach ($columns as $column)<th scope="col">{{ $column }}</th>@endforeach @if ($record)<th scope="col">On record?</th>@endif</tr></thead>
<tbody>
@foreach ($rows as $row)
<tr>
<td>@if ($row->link !== '')<a href="{{ $row->link }}"><b>{{ $row->name }}</b></a>@else{{ $row->name }}@endif
@if ($row->under !== '')<br><span class="soft">{{ $row->under }}</span>@endif</td>
@foreach ($row->cells as $cell)<td>{{ $cell }}</td>@endforeach
@if ($record)
<td>@forelse ($row->lacks as $lack)<span class="breach"><x-shape verdict="breach" /> {{ $lack }}</span> @empty<span class="met">✓ all</span>@endforelse</td>
@endif
</tr>
@endforeach
</tbody></table>
