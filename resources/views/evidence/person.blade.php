@extends('office.layout')
@section('title', $page->title)
@section('state', $page->state)
@section('content')
<div class="beside">
<div class="page">
@if ($page->question === null)
<p>Nothing was ever asked of this person.</p>
@else
@include('evidence.asked', ['question' => $page->question])
@endif
<table>
<caption>Acts, in order</caption>
<thead><tr>
<th scope="col" class="figure">No.</th><th scope="col">When</th><th scope="col">What</th><th scope="col">Edition</th><th scope="col">SHA-256</th>
</tr></thead>
<tbody>
@foreach ($page->acts as $act)
<tr @if ($act->chosen) class="chosen" aria-current="true" @endif>
<td class="figure">{{ $act->number }}</td>
<td class="line">{{ $act->when }}@if ($act->recorded !== '')<br><span class="soft">{{ $act->recorded }}</span>@endif</td>
<td><a href="{{ $act->link }}"><b>{{ $act->what }}</b></a> {{ $act->targets }}<br><span class="soft">{{ $act->how }}</span></td>
<td>{{ $act->edition }}</td>
<td class="mono line">{{ $act->digest }}</td>
</tr>
@endforeach
</tbody>
</table>
</div>
<aside class="margin" aria-label="Proof of the chosen act">
@if ($page->shown)
<p class="soft">Shown on {{ $page->shown->when }}</p>
<div class="print"><iframe sandbox title="The form as it was shown, with this person's answers" src="{{ $page->shown->link }}"></iframe></div>
<p class="soft">The bytes frozen at publishing, with the answers put in.</p>
@endif
@if ($page->chosen)
@include('evidence.chosen', ['act' => $page->chosen])
@endif
</aside>
</div>
@endsection
