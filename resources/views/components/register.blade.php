@props(['of'])
<table><caption>{{ $of->title }}</caption>
<thead><tr>@foreach ($of->columns as $i => $column)<x-sorted :column="(string) $i" :by="$of->sorting">{{ $column }}</x-sorted>@endforeach
@if ($of->record)<th scope="col">On record?</th>@endif</tr></thead>
<tbody>
@foreach ($of->rows as $row)
<tr>
<td>@if ($row->link !== '')<a href="{{ $row->link }}"><b>{{ $row->name }}</b></a>@else{{ $row->name }}@endif
@if ($row->under !== '')<br><span class="soft">{{ $row->under }}</span>@endif</td>
@foreach ($row->cells as $cell)<td>{{ $cell }}</td>@endforeach
@if ($of->record)
<td>@forelse ($row->lacks as $lack)<span class="breach"><x-shape verdict="breach" /> {{ $lack }}</span> @empty<span class="met">✓ all</span>@endforelse</td>
@endif
</tr>
@endforeach
</tbody></table>
