@extends('office.layout')
@section('title', 'Requests')
@section('state', $page->state)
@section('content')
<div class="beside tall">
<div class="page">
<form method="get" class="ask"><x-keeps-sort :by="$page->filter->sorting" />
<label for="state">Those that are</label><x-options id="state" :of="$page->states" />
<label for="asks">for</label><x-options id="asks" :of="$page->rights" />
<span class="line"><label for="point">by</label> <x-options id="point" :of="$page->points" /></span>
<button>Show</button><a href="{{ $page->csv }}">CSV, without addresses</a>
</form>
@if ($page->rows === [])
<p>@if ($page->filter->state !== 'open' || $page->filter->asks !== null || $page->filter->point !== '')No request matches.
<a href="{{ route('requests') }}">Show all that are to be answered</a>@else Nobody is owed an answer. Where a message turns out to be a request,
say so on its page under <a href="{{ route('enquiries') }}">Enquiries</a>: it then stands here with its last day.@endif</p>
@else
<table>
<caption>Requests</caption>
<thead><tr><x-sorted column="due" :by="$page->filter->sorting">Answer by</x-sorted><th scope="col">Stands</th>
<x-sorted column="asks" :by="$page->filter->sorting">Asks for</x-sorted><th scope="col">From</th>
<x-sorted column="received" :by="$page->filter->sorting">Arrived</x-sorted><th scope="col">By</th></tr></thead>
<tbody>
@foreach ($page->rows as $row)
<tr>
<td class="line">{{ $row->due }}</td>
<td>@if ($row->isUrgent)<strong>{{ $row->stands }}</strong>@else{{ $row->stands }}@endif
@if ($row->why !== '')<br><span class="soft">extended</span>@endif</td>
<td>{{ $row->name }} <span class="soft">Art. {{ $row->article }}</span></td>
<td>@if ($row->enquiry !== null)
<a href="{{ route('enquiries.show', $row->enquiry) }}">{{ $row->email }}</a>@else
<span class="soft">the message is deleted</span>@endif</td>
<td class="line">{{ $row->received }}</td>
<td>{{ $row->form }}</td>
</tr>
@endforeach
</tbody>
</table>
{{ $page->pages }}
@endif
</div>
<aside class="margin" aria-label="How the last day is counted">
<h2 class="soft">How the last day is counted</h2>
@foreach ($notes as $note)
<section><p><a href="{{ route('records.show', ['controller', $note->id]) }}">{{ $note->controller }}</a> {{ $note->says }}
<span class="soft">{{ $note->source }}</span></p>
@if ($note->open !== '')<p class="weakness-said">{{ $note->open }}</p>@endif</section>
@endforeach
<section><p class="soft">The day of arrival does not count, and no time is lost by noticing late that a message is a request. A month ends with
the same date, or with its last day. Where nobody works on the last day, the next working day holds (Regulation 1182/71, Art. 3).</p>
<p class="soft">Holidays of single regions are left out: what stands here is then a day too early, never too late.</p></section>
</aside>
</div>
@endsection
