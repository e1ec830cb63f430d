@extends('office.layout')
@section('title', 'Held submissions')
@section('state', $held->total() === 0 ? 'nothing waits' : $held->total().($held->total() === 1 ? ' waits' : ' wait').' for a decision')
@section('content')
<div class="page">
<p class="ask"><a href="{{ route('held', ['as' => 'csv']) }}">CSV, without addresses</a></p>
@if ($held->isEmpty())
<p>Nothing is held. What screening doubts is kept here until somebody releases or deletes it, and is deleted by itself after {{ $days }} days.</p>
@else
<table>
<thead><tr><th scope="col">Received</th><th scope="col">From</th><th scope="col">Form</th><th scope="col">Why it is held</th>
<th scope="col">Deleted by itself</th>@can('decide', App\Models\HeldSubmission::class)<th scope="col">Decide</th>@endcan</tr></thead>
<tbody>
@foreach ($held as $each)
<tr>
<td>{{ App\Support\Moments::exact($each->received_at) }}</td>
<td>{{ $each->content['email'] }}@foreach ($each->content['values'] as $value)<br><span class="soft">{{ $value }}</span>@endforeach</td>
<td>{{ $each->edition->point->slug }}, edition {{ $each->edition->number }}, {{ $each->language->endonym() }}</td>
<td>@foreach (explode(' ', $each->signals) as $signal){{ __('office.signals.'.$signal) }}<br>@endforeach</td>
<td>{{ App\Support\Moments::exact($each->deleted_at) }}</td>
@can('decide', App\Models\HeldSubmission::class)
<td class="doing"><form method="post" action="{{ route('held.release', $each) }}">@csrf<button>Release</button></form>
<form method="post" action="{{ route('held.delete', $each) }}">@csrf<button class="plain">Delete</button></form></td>
@endcan
</tr>
@endforeach
</tbody>
</table>
{{ $held->links('office.pages') }}
@endif
</div>
@endsection
