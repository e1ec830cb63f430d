@extends('office.layout')
@section('title', 'Signup points')
@section('state', $page->count.($page->count === 1 ? ' place' : ' places').' where people are asked')
@section('content')
@include('points.tabs')
<div class="page">
<form method="get" class="ask"><x-keeps-sort :by="$page->sorting" />
@if ($page->picture)<input type="hidden" name="as" value="picture">@endif
<label for="q">Find</label><input id="q" name="q" value="{{ $page->filter->words }}" type="search" placeholder="a name or place">
<label for="controller">of</label><x-options id="controller" :of="$page->controllers" />
<label for="state">in</label><x-options id="state" :of="$page->states" />
<label for="language">read in</label><x-options id="language" :of="$page->languages" />
<label for="country">from</label><x-options id="country" :of="$page->countries" />
<label for="findings">with</label><x-options id="findings" :of="$page->findings" />
<button>Find</button>
@if ($page->picture)<a href="{{ request()->fullUrlWithQuery(['as' => null]) }}">As a table</a>@else
<a href="{{ request()->fullUrlWithQuery(['as' => 'picture']) }}">As a picture</a>@endif
<a href="{{ request()->fullUrlWithQuery(['as' => 'csv']) }}">CSV</a></form>
@if ($page->rows === [])
<p>No signup point matches. <a href="{{ route('points') }}">Show all</a></p>
@elseif ($page->picture)
@include('points.picture')
@else
<table>
<caption>Signup points</caption>
<thead><tr>
<x-sorted column="name" :by="$page->sorting">Point</x-sorted><x-sorted column="controller" :by="$page->sorting">Controller</x-sorted>
<x-sorted column="languages" :by="$page->sorting">Languages and regions</x-sorted>
<x-sorted column="confirmed" :by="$page->sorting">Confirmed by mail</x-sorted><x-sorted column="edition" :by="$page->sorting">State</x-sorted>
<x-sorted column="findings" :by="$page->sorting">Findings of the sheet</x-sorted>
<x-sorted column="signups" :by="$page->sorting" class="figure">Sign-ups, 30 days</x-sorted>
</tr></thead>
<tbody>
@foreach ($page->rows as $row)
<tr>
<td><a href="{{ route('points.sheet', $row->slug) }}"><b>{{ $row->name }}</b></a><br><span class="soft">{{ $row->place }}</span></td>
<td>{{ $row->controller }}</td>
<td>{{ $row->languages }}<br><span class="soft">{{ $row->countries }}</span></td>
<td>@if ($row->confirmed){{ $row->confirmed }}@else<span class="breach">no</span>@endif</td>
<td><b @class(['weakness' => ! in_array($row->life->value, ['in force', 'elsewhere'], true)])>{{ $row->life->value }}</b><br>{{ $row->edition }}
@if ($row->draft !== '')<br><span class="soft">{{ $row->draft }}</span>@endif</td>
<td>@if ($row->breaches !== '')<span class="breach"><x-shape verdict="breach" /> {{ $row->breaches }}</span><br>@endif
@if ($row->weaknesses !== '')<span class="weakness"><x-shape verdict="weakness" /> {{ $row->weaknesses }}</span><br>@endif
@if ($row->unwritten !== '')<span class="soft">{{ $row->unwritten }}</span><br>@endif
@if ($row->toDo !== '')<span class="soft">{{ $row->toDo }}</span>@endif
@if ($row->breaches.$row->weaknesses.$row->unwritten.$row->toDo === '')<span class="met">✓ none</span>@endif</td>
<td class="figure">
@if ($page->seesPeople)<a href="{{ route('evidence.signups', ['point' => $row->slug, 'from' => $page->since]) }}">{{ $row->signups }}</a>
@else{{ $row->signups }}@endif
</td>
</tr>
@endforeach
</tbody>
</table>
@endif
</div>
@if ($page->may)
<section class="page apart" aria-labelledby="begin"><h2 id="begin">Begin a signup point</h2>
<form method="post" action="{{ route('points.begin') }}" class="stack">@csrf
@error('name')<p class="wrong" role="alert">{{ $message }}</p>@enderror
<p class="ask"><label for="name">It is called</label><input id="name" name="name" class="short" value="{{ old('name') }}" autocomplete="off">
<label for="statement">and asks for</label><x-options id="statement" :of="$page->statements" /></p>
<fieldset class="starters"><legend>It begins as</legend>
@foreach ($page->starters as $starter)
<label><input type="radio" name="starter" value="{{ $starter->id }}" @checked($page->starter === $starter->id)>
<span><b>{{ $starter->name }}</b><br><span class="soft">{{ $starter->about }}</span></span></label>
@endforeach
</fieldset>
<details @if (old('elsewhere')) open @endif><summary>It lives on another system</summary>
<p class="ask"><label for="elsewhere">at the address</label><input id="elsewhere" name="elsewhere" type="url" value="{{ old('elsewhere') }}"
 placeholder="https://…"></p></details>
<p><button>Begin</button> <span class="soft">Fields with their reasons and words to start from are there; every rule of the house holds.</span></p></form>
</section>
<section class="page apart" aria-labelledby="take"><h2 id="take">Take stock from a file</h2>
@error('file')<div role="alert">@foreach ($errors->get('file') as $message)<p class="wrong">{{ $message }}</p>@endforeach</div>@enderror
<form method="post" action="{{ route('points.take') }}" enctype="multipart/form-data" class="ask">@csrf
<label for="file">A CSV with the columns name, starter, statement, place, elsewhere</label>
<input type="file" id="file" name="file" accept=".csv,text/csv" required><button>Begin them</button>
<span class="soft">A point for each row; where any row is damaged, none, and each is named.</span></form>
</section>
@endif
@endsection
