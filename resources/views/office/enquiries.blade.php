@extends('office.layout')
@section('title', 'Enquiries')
@section('state', number_format($enquiries->total()).($enquiries->total() === 1 ? ' is kept' : ' are kept').', each deleted by itself '.$days.' days after it came')
@section('content')
@include('points.tabs')
<div class="page">
<form method="get" class="ask">
<label for="point">Those of</label><select id="point" name="point"><option value="">every point</option>
@foreach ($points as $each)<option @selected($each === $point)>{{ $each }}</option>@endforeach</select>
<button>Show</button><a href="{{ route('enquiries', ['point' => $point, 'as' => 'csv']) }}">CSV, without addresses</a>
</form>
@if ($enquiries->isEmpty())
<p>Nothing is kept here. What people send with a form that serves something else than consent stands here, whatever they ticked.</p>
@else
<table>
<caption>Enquiries, newest first</caption>
<thead><tr><th scope="col">Received</th><th scope="col">From</th><th scope="col">What was sent</th><th scope="col">Form</th>
<th scope="col">Deleted by itself</th>
@can('decide', App\Models\Enquiry::class)<th scope="col">Decide</th>@endcan</tr></thead>
<tbody>
@foreach ($enquiries as $each)
<tr>
<td class="line">{{ App\Support\Moments::exact($each->received_at) }}</td>
<td>{{ $each->content['email'] }}</td>
<td>@foreach ($each->content['values'] as $name => $value)<span class="soft">{{ __('office.values.'.$name) }}</span> {{ $value }}<br>@endforeach</td>
<td>{{ $each->edition->point->slug }}, edition {{ $each->edition->number }}, {{ $each->language->endonym() }}</td>
<td class="line">{{ App\Support\Moments::date($each->deleted_at) }}</td>
@can('decide', App\Models\Enquiry::class)
<td><form method="post" action="{{ route('enquiries.delete', $each->id->hex()) }}">@csrf<button class="plain">Delete</button></form></td>
@endcan
</tr>
@endforeach
</tbody>
</table>
{{ $enquiries->links('office.pages') }}
@endif
</div>
@endsection
