@extends('office.layout')
@section('title', 'History of '.$page->name)
@section('state', count($page->revisions).' revisions, '.count($page->editions).' editions')
@section('content')
<div class="beside">
<div class="page reading">
<form method="get" class="question">
<label for="from">What changed from revision</label><select id="from" name="from">
@foreach ($page->revisions as $each)<option @selected($each->number === $page->from)>{{ $each->number }}</option>@endforeach
</select>
<label for="to">to</label><select id="to" name="to">@foreach ($page->revisions as $each)<option
 @selected($each->number === $page->to)>{{ $each->number }}</option>@endforeach</select>
<button>Compare</button>
</form>
@include('points.difference', ['difference' => $page->difference])
</div>
<aside class="margin" aria-label="Revisions and editions">
@foreach ($page->editions as $edition)
<section><p>Edition {{ $edition->number }}, published <x-exact :at="$edition->published_at" /> by {{ $edition->publisher->name }}</p>
<p class="mono soft">{{ $edition->digest->hex() }}</p></section>
@endforeach
<section>
@foreach ($page->rows as $row)
<p><a href="{{ route('points.history', [$page->point->slug, 'from' => $row->before, 'to' => $row->number]) }}">{{ $row->number }}</a>
{{ $row->who }} {{ $row->did }} <span class="soft">{{ $row->when }}</span></p>
@endforeach
</section>
<p><a href="{{ route('points.sheet', $page->point->slug) }}">Back to the sheet</a></p>
</aside>
</div>
@endsection
