@extends('office.layout')
@section('title', 'Points by rules')
@section('state', $departing)
@section('content')
@include('points.tabs')
<div class="page">
<form method="get" class="ask"><x-keeps-sort :by="$sorting" /><label for="q">Find</label><input id="q" name="q" value="{{ $search }}" type="search">
<label for="only">show</label>
<select id="only" name="only">@foreach ($filters as $option)<option value="{{ $option->value }}"
 @selected($option->chosen)>{{ $option->text }}</option>@endforeach</select>
<button>Show</button><a href="{{ request()->fullUrlWithQuery(['as' => 'csv']) }}">CSV</a></form>
@if ($rows === [])<p>No such point. <a href="{{ route('rules') }}">Show all</a></p>@else
@error('follow')<p class="wrong" role="alert">{{ $message }}</p>@enderror
<form method="post" action="{{ route('rules.follow') }}">@csrf
<table class="by-rules"><caption>Points by rules</caption>
<thead><tr><x-sorted column="name" :by="$sorting">Point</x-sorted>
@foreach ($rows[0]->rules as $cell)<x-sorted :column="$cell->rule" :by="$sorting">{{ $cell->title }}</x-sorted>@endforeach
<th scope="col">Law of</th></tr></thead>
<tbody>
@foreach ($rows as $row)
<tr>
<th scope="row"><a href="{{ route('points.sheet', $row->slug) }}#part-4">{{ $row->name }}</a><br>
<span class="soft">{{ $row->edition }}@if ($row->draft !== '' && $row->edition !== 'never published'), draft @endif</span></th>
@foreach ($row->rules as $cell)
<td class="{{ $cell->origin }}" data-rule="{{ $cell->title }}">
@if ($cell->origin === 'departure')
<b @class(['breach' => $cell->defies])><span class="departs-mark"
 aria-hidden="true">↗</span> {{ $cell->says }}</b><br><span class="soft">{{ $cell->from }}</span>
@if ($may)<br><label class="line"><input type="checkbox" name="follow[]" value="{{ $row->slug }}/{{ $cell->rule }}"> follow the house again</label>@endif
@else
{{ $cell->says }}<br><span class="soft">{{ $cell->from }}</span>
@endif
</td>
@endforeach
<td class="soft" data-rule="Law of">{{ $row->law }}</td>
</tr>
@endforeach
</tbody></table>
@if ($may && $departing > 0)<p class="mt-3"><button id="follow">Let the chosen follow the house again</button></p>@endif
</form>
@endif
<p class="soft">The house rules stand under <a href="{{ route('records.show', ['rules', 'house']) }}">Wording, house rules</a>.
 A departure is made on the point's own sheet, with its reason.</p>
</div>
@endsection
