@extends('office.layout')
@section('title', 'Wording')
@section('state', count($rows).(count($rows) === 1 ? ' statement' : ' statements').' that people are or were asked')
@section('content')
@include('wording.ways')
<div class="page">
<form method="get" class="ask"><label for="q">Find</label><input id="q" name="q" value="{{ $search }}" type="search">
<label for="state">among</label><select id="state" name="state">@foreach (['' => 'all', 'draft' => 'drafts', 'submitted' => 'submitted', 'approved' => 'approved, shown nowhere yet', 'in force' => 'in force', 'retired' => 'retired'] as $value => $name)<option value="{{ $value }}" @selected($value === $state)>{{ $name }}</option>@endforeach</select>
<button>Find</button><a href="{{ route('wording', ['q' => $search, 'state' => $state, 'as' => 'csv']) }}">CSV</a></form>
@if ($rows === [])
<p>@if ($search === '' && $state === '')No statement is written yet. Begin with <a href="{{ route('wording.starters') }}">a starter</a>.@else No such statement. <a href="{{ route('wording') }}">Show all</a>@endif</p>
@else
<table>
<caption>Statements</caption>
<thead><tr><th scope="col">Statement</th><th scope="col">Words</th><th scope="col">State</th><th scope="col">In force at</th><th scope="col" class="figure">People who agreed</th></tr></thead>
<tbody>
@foreach ($rows as $row)
<tr>
<td><a href="{{ route('records.show', ['statement', $row['record']->slug]) }}"><b>{{ $row['record']->slug }}</b></a><br><span class="soft">{{ str_replace('-', ' ', $row['statement']->purpose) }} by {{ Juramen\Points\Sentences::listed(array_map(fn ($c) => $c->value, $row['statement']->channels)) }}</span></td>
<td>@foreach ($row['statement']->texts->toArray() as $language => $text)<blockquote lang="{{ $language }}" class="mb-1 max-w-[58ch]">{{ Juramen\Wording\Markup::words($text) }}</blockquote>@endforeach</td>
<td class="line">{{ $row['state'] }}<br><span class="soft">@if ($row['edition'])edition {{ $row['edition']->number }}, {{ App\Support\Moments::date($row['edition']->approved_at) }}@else never approved @endif</span></td>
<td>{{ implode(', ', $row['points']) ?: 'nowhere' }}</td>
<td class="figure">{{ number_format($row['people']) }}</td>
</tr>
@endforeach
</tbody>
</table>
@endif
@can('write', [App\Models\Record::class, App\Models\RecordKind::Statement])
<form method="post" action="{{ route('records.begin', 'statement') }}" class="ask begin">@csrf
@error('name')<p class="wrong" role="alert">{{ $message }}</p>@enderror
<label for="name">Write a new statement called</label><input id="name" name="name" value="{{ old('name') }}"><label for="purpose">for</label><select id="purpose" name="purpose">@foreach ($purposes as $purpose)<option value="{{ $purpose->id }}" @selected(old('purpose') === $purpose->id)>{{ str_replace('-', ' ', $purpose->id) }}</option>@endforeach</select><button>Begin</button> <span class="soft">or from <a href="{{ route('wording.starters') }}">a starter</a></span></form>
@endcan
</div>
@endsection
