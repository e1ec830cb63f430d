@if ($went !== [])
<table class="went"><caption>Where it went</caption>
<thead><tr><th scope="col">List</th><th scope="col">By the permission for</th><th scope="col">On it</th><th scope="col">At destinations</th></tr></thead>
<tbody>
@foreach ($went as $row)
<tr><td>@if ($row->link !== '')<a href="{{ $row->link }}">{{ $row->list }}</a>@else{{ $row->list }}@endif</td><td>{{ $row->for }}</td>
<td>{{ $row->since }}</td><td>@forelse ($row->there as $there){{ $there }}@if (! $loop->last)<br>@endif @empty stays here @endforelse</td></tr>
@endforeach
</tbody></table>
@endif
