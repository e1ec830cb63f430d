@extends('office.layout')
@section('title', 'Audits taken')
@section('state', count($audits).(count($audits) === 1 ? ' audit' : ' audits').', only added to')
@section('content')
@include('audit.tabs')
<div class="page">
@if ($audits === [])
<p>No audit has been taken yet. It keeps how every form stands on a day, so that you can show later what you looked at and found;
 the clock takes one every Monday.</p>
@else
<table><caption>Audits</caption><thead><tr><th>Taken</th><th>By</th><th class="figure">Forms</th><th class="figure">Breaches</th>
<th class="figure">Weaknesses</th><th class="figure">Questions</th><th>Digest in the ledger</th></tr></thead><tbody>
@foreach ($audits as $audit)
<tr><td><a href="{{ route('audit.taken', $audit->id) }}">{{ $audit->day }}</a></td><td>{{ $audit->by }}</td><td class="figure">{{ $audit->forms }}</td>
<td class="figure">{{ $audit->breaches }}</td><td class="figure">{{ $audit->weaknesses }}</td><td class="figure">{{ $audit->open }}</td>
<td class="mono">{{ substr($audit->digest, 0, 16) }}</td></tr>
@endforeach
</tbody></table>
@endif
</div>
@endsection
