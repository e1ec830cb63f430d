@extends('office.layout')
@section('title', 'Sign-ups')
@section('state', $page->found)
@section('content')
<div class="page">
<form method="get" class="ask"><x-keeps-sort :by="$page->filter->sorting" />
<label for="state">Those</label><select id="state" name="state"><option value="">of every kind</option>
@foreach ($page->states as $each)<option @selected($each->chosen)>{{ $each->text }}</option>@endforeach</select>
<label for="point">at</label><select id="point" name="point"><option value="">every point</option>
@foreach ($page->points as $each)<option value="{{ $each->value }}" @selected($each->chosen)>{{ $each->text }}</option>@endforeach</select>
<label for="from">from</label><input type="date" id="from" name="from" class="short" value="{{ $page->filter->from?->text }}">
<label for="to">to</label><input type="date" id="to" name="to" class="short" value="{{ $page->filter->to?->text }}">
@if ($page->filter->words !== null)<input type="hidden" name="words" value="{{ $page->filter->words->hex() }}">@endif
<button>Show</button><a href="{{ $page->csv }}">CSV</a>
@if ($page->filter->query() !== [])<a href="{{ route('evidence.signups') }}">Show all</a>@endif
</form>
@if ($page->rows === [])
<p>No sign-up matches.</p>
@else
<table>
<caption>Sign-ups, newest first</caption>
<thead><tr><x-sorted column="asked" :by="$page->filter->sorting">Asked</x-sorted><th scope="col">Person</th><th scope="col">Form</th>
<th scope="col">What became of it</th></tr></thead>
<tbody>
@foreach ($page->rows as $row)
<tr>
<td class="line">{{ $row->asked }}</td>
<td><a href="{{ $row->url }}">@if ($row->address !== null)<b>{{ $row->address }}</b>@else<span class="soft">{{ $row->instead }}</span>@endif</a></td>
<td>{{ $row->form }}</td>
<td>{{ $row->state }} <span class="soft">{{ $row->ended }}</span></td>
</tr>
@endforeach
</tbody>
</table>
{{ $page->pages }}
@endif
</div>
@endsection
