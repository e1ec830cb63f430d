@extends('office.layout')
@section('title', 'Lists and destinations')
@section('state', 'where a permission leads, and who else gets the address')
@section('content')
@include('points.tabs')
<div class="page registers">
<section><h2>Lists</h2>
@if ($lists === [])<p>There is no list yet: permissions are kept, and lead nowhere.</p>@else
<table><caption>Our lists</caption>
<thead><tr><th scope="col">List</th><th scope="col">Subscribers know it as</th><th scope="col">Who comes onto it</th><th scope="col" class="figure">People</th>
<th scope="col">Goes to</th></tr></thead>
<tbody>
@foreach ($lists as $row)
<tr><td><a href="{{ $row->link }}"><b>{{ $row->name }}</b></a><br><span class="soft">{{ $row->purpose }} by {{ $row->channel }}</span>
@if ($row->state !== '')<br><span class="weakness">{{ $row->state }}</span>@endif</td>
<td>{{ $row->publicName }}</td><td>{{ ucfirst($row->rule) }}.
@foreach ($row->faults as $fault)<br><span class="breach"><x-shape verdict="breach" /> {{ $fault }}</span>@endforeach</td>
<td class="figure">@if ($row->peopleLink)<a href="{{ $row->peopleLink }}">{{ $row->people }}</a>@else{{ $row->people }}@endif</td>
<td>{{ $row->goes }}</td></tr>
@endforeach
</tbody></table>
@endif
<p class="ask">@if ($lists !== [])<a href="{{ route('lists', ['as' => 'csv']) }}">CSV</a>@endif</p>
@if ($may)
<x-begins kind="list" label="Begin a list called"><label for="list-purpose">for</label>
<x-options id="list-purpose" name="purpose" :of="$purposes" /><button>Begin</button></x-begins>
@endif
</section>
<section><h2>Destinations</h2>
@if ($destinations === [])<p>Nobody is handed over to anybody.</p>@else
<table><caption>List services</caption>
<thead><tr><th scope="col">Destination</th><th scope="col">Run by</th><th scope="col">Lists</th><th scope="col">Switched</th>
<th scope="col" class="figure">People there</th><th scope="col">Acknowledged?</th></tr></thead>
<tbody>
@foreach ($destinations as $row)
<tr><td><a href="{{ $row->link }}"><b>{{ $row->name }}</b></a>
@foreach ($row->faults as $fault)<br><span class="breach"><x-shape verdict="breach" /> {{ $fault }}</span>@endforeach</td>
<td>{{ $row->partner }}</td><td>{{ $row->lists }}</td><td>{{ $row->state }}</td><td class="figure">{{ $row->there }}</td><td>{{ $row->open }}</td></tr>
@endforeach
</tbody></table>
@endif
@if ($may)
<x-begins kind="destination" label="Add a destination called">
<x-of-controller id="of-destination" label="that takes people of" :options="$controllers" /><button>Add</button></x-begins>
@endif
</section>
</div>
@endsection
