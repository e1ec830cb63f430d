@extends('office.layout')
@section('title', 'Wording')
@section('state', count($rows).(count($rows) === 1 ? ' statement' : ' statements').' that people are or were asked')
@section('content')
<div class="page">
<form method="get" class="ask"><label for="q">Find</label><input id="q" name="q" value="{{ $search }}" type="search"><button>Find</button><a href="{{ route('wording', ['q' => $search, 'as' => 'csv']) }}">CSV</a></form>
@if ($rows === [])
<p>@if ($search === '')No statement was published yet. Words become a statement's edition when the sheet they stand on is published.@else No statement speaks of “{{ $search }}”. <a href="{{ route('wording') }}">Show all</a>@endif</p>
@else
<table>
<caption>Statements</caption>
<thead><tr><th scope="col">Statement</th><th scope="col">Words</th><th scope="col">Edition</th><th scope="col">In force at</th><th scope="col" class="figure">People who agreed</th></tr></thead>
<tbody>
@foreach ($rows as $row)
<tr>
<td><a href="{{ route('wording.statement', $row['id']) }}"><b>{{ $row['id'] }}</b></a><br><span class="soft">{{ str_replace('-', ' ', $row['statement']->purpose) }} by {{ Juramen\Points\Sentences::listed(array_map(fn ($c) => $c->value, $row['statement']->channels)) }}</span></td>
<td>@foreach ($row['statement']->texts->toArray() as $language => $text)<blockquote lang="{{ $language }}" class="mb-1 max-w-[58ch]">{{ $text }}</blockquote>@endforeach</td>
<td class="line">{{ $row['newest']->number }} of {{ $row['editions'] }}<br><span class="soft">{{ $row['newest']->approved_at ? App\Support\Moments::date($row['newest']->approved_at) : '' }}</span></td>
<td>{{ implode(', ', $row['points']) ?: 'nowhere any more' }}</td>
<td class="figure">{{ number_format($row['people']) }}</td>
</tr>
@endforeach
</tbody>
</table>
@endif
</div>
@endsection
