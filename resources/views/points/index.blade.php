@extends('office.layout')
@section('title', 'Signup points')
@section('state', count($rows).(count($rows) === 1 ? ' place' : ' places').' where people are asked')
@section('content')
@include('points.tabs')
<div class="page">
<form method="get" class="ask"><x-keeps-sort :by="$sorting" />
<label for="q">Find</label><input id="q" name="q" value="{{ $search }}" type="search"><button>Find</button>
<a href="{{ request()->fullUrlWithQuery(['as' => 'csv']) }}">CSV</a></form>
@if ($rows === [])
<p>No signup point is called or stands like “{{ $search }}”. <a href="{{ route('points') }}">Show all</a></p>
@else
<table>
<caption>Signup points</caption>
<thead><tr>
<x-sorted column="name" :by="$sorting">Point</x-sorted><x-sorted column="languages" :by="$sorting">Languages</x-sorted>
<x-sorted column="confirmed" :by="$sorting">Confirmed by mail</x-sorted><x-sorted column="edition" :by="$sorting">In force</x-sorted>
<x-sorted column="findings" :by="$sorting">Findings of the sheet</x-sorted>
<x-sorted column="signups" :by="$sorting" class="figure">Sign-ups, 30 days</x-sorted>
</tr></thead>
<tbody>
@foreach ($rows as $row)
<tr>
<td><a href="{{ route('points.sheet', $row->slug) }}"><b>{{ $row->name }}</b></a><br><span class="soft">{{ $row->place }}</span></td>
<td>{{ $row->languages }}</td>
<td>@if ($row->confirmed){{ $row->confirmed }}@else<span class="breach">no</span>@endif</td>
<td>{{ $row->edition }}
@if ($row->paused)<br><b class="weakness">paused</b>@endif
@if ($row->draft !== '')<br><span class="soft">{{ $row->draft }}</span>@endif</td>
<td>@if ($row->breaches !== '')<span class="breach"><x-shape verdict="breach" /> {{ $row->breaches }}</span><br>@endif
@if ($row->weaknesses !== '')<span class="weakness"><x-shape verdict="weakness" /> {{ $row->weaknesses }}</span><br>@endif
@if ($row->unwritten !== '')<span class="soft">{{ $row->unwritten }}</span>@endif
@if ($row->breaches.$row->weaknesses.$row->unwritten === '')<span class="met">✓ none</span>@endif</td>
<td class="figure">
@if ($seesPeople)<a href="{{ route('evidence.signups', ['point' => $row->slug, 'from' => $since]) }}">{{ $row->signups }}</a>@else{{ $row->signups }}@endif
</td>
</tr>
@endforeach
</tbody>
</table>
@endif
@if ($may)
<form method="post" action="{{ route('points.begin') }}" class="ask begin">@csrf
@error('name')<p class="wrong" role="alert">{{ $message }}</p>@enderror
<label for="name">Begin a signup point called</label><input id="name" name="name" class="short" value="{{ old('name') }}">
<label for="statement">that asks for</label>
<x-options id="statement" :of="$statements" />
<button>Begin</button> <span class="soft">It inherits every rule of the house.</span></form>
@endif
</div>
@endsection
