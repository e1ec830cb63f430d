@extends('office.layout')
@section('title', $page->list->name)
@section('state', $page->found)
@section('content')
@include('points.tabs')
<div class="page">
@if ($page->saved !== [])
<nav class="kept" aria-label="Kept filters">
@foreach ($page->saved as $saved)
<span><a href="{{ $saved->link }}" @if ($saved->isOpen) aria-current="page" @endif>{{ $saved->name }} <span class="soft">{{ $saved->count }}</span></a>
@if ($may)<form method="post" action="{{ route('lists.filters.drop', [$page->list->id->text, $saved->id]) }}">@csrf<button class="plain"
 aria-label="Drop the filter {{ $saved->name }}">×</button></form>@endif</span>
@endforeach
</nav>
@endif
<form method="get" class="ask"><x-keeps-sort :by="$page->filter->sorting" />
<label for="point">Those from</label><select id="point" name="point"><option value="">every point</option>
@foreach ($page->points as $each)<option value="{{ $each->value }}" @selected($each->chosen)>{{ $each->text }}</option>@endforeach</select>
<label for="language">in</label><select id="language" name="language"><option value="">every language</option>
@foreach ($page->languages as $each)<option value="{{ $each->value }}" @selected($each->chosen)>{{ $each->text }}</option>@endforeach</select>
<label for="from">since</label><input type="date" id="from" name="from" class="short" value="{{ $page->filter->from?->text }}">
<label for="to">to</label><input type="date" id="to" name="to" class="short" value="{{ $page->filter->to?->text }}">
<label for="untold">and</label><select id="untold" name="untold"><option value="">handed over or not</option>
<option value="1" @selected($page->filter->untold)>not handed over yet</option></select>
<button>Show</button><a href="{{ $page->csv }}">CSV</a>
@if (! $page->filter->isOpen())<a href="{{ route('lists.people', $page->list->id->text) }}">Show all</a>@endif
</form>
@if ($may && ! $page->filter->isOpen())
<form method="post" action="{{ route('lists.filters', $page->list->id->text) }}" class="ask">@csrf
<input type="hidden" name="query" value="{{ $page->filter->query() }}">
<label for="filter-name">Keep this filter as</label><input id="filter-name" name="name" class="short" autocomplete="off" value="{{ old('name') }}"
 @error('name') aria-invalid="true" aria-describedby="wrong-name" @enderror><button>Keep</button>
@error('name')<p class="wrong" id="wrong-name" role="alert">{{ $message }}</p>@enderror
</form>
@endif
@if ($page->rows === [])
<p>{{ $page->filter->isOpen() ? 'Nobody is on this list yet.' : 'Nobody on this list matches.' }}</p>
@else
<table><caption>People on it</caption>
<thead><tr><th scope="col">Person</th><x-sorted column="since" :by="$page->filter->sorting">Since</x-sorted><th scope="col">Form</th>
<th scope="col">At destinations</th></tr></thead>
<tbody>
@foreach ($page->rows as $row)
<tr><td><a href="{{ $row->link }}"><b>{{ $row->address }}</b></a></td><td class="line">{{ $row->since }}</td>
<td>{{ $row->point }}, {{ $row->language }}</td>
<td>@foreach ($row->there as $there){{ $there }}<br>@endforeach</td></tr>
@endforeach
</tbody></table>
{{ $page->pages }}
@endif
</div>
@endsection
