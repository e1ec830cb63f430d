@extends('office.layout')
@section('title', 'Held submissions')
@section('state', $page->state)
@section('content')
@include('screening.tabs')
<div class="beside tall">
<div class="page">
<p class="ask"><a href="{{ $page->csv }}">CSV, without addresses</a></p>
@if ($page->rows === [])
<p>Nothing is held. What screening doubts is kept here until somebody releases or deletes it, and is deleted by itself after {{ $page->days }} days.</p>
@else
<table>
<caption>Held submissions</caption>
<thead><tr>@can('decide', App\Models\HeldSubmission::class)<x-pick-all />@endcan<x-sorted column="received" :by="$page->sorting">Received</x-sorted><th
 scope="col">From</th><x-sorted column="form" :by="$page->sorting">Form, and why it is held</x-sorted>
@can('decide', App\Models\HeldSubmission::class)<th scope="col">Decide</th>@endcan</tr></thead>
<tbody>
@foreach ($page->rows as $row)
<tr>
@can('decide', App\Models\HeldSubmission::class)<x-pick :id="$row->id" :what="$row->email" />@endcan
<td class="line">{{ $row->received }}<br><span class="soft">deleted by itself {{ $row->deleted }}</span></td>
<td>{{ $row->email }}@foreach ($row->values as $each)<br><span class="soft">{{ $each->value }}</span>@endforeach</td>
<td>{{ $row->form }}@foreach ($row->why as $sentence)<br><span class="soft">{{ $sentence }}</span>@endforeach</td>
@can('decide', App\Models\HeldSubmission::class)
<td class="doing"><form method="post" action="{{ $row->release }}">@csrf<button>Release</button></form>
<form method="post" action="{{ $row->delete }}">@csrf<x-sure does="Delete it" asks="Nothing of it is kept." /></form></td>
@endcan
</tr>
@endforeach
</tbody>
</table>
@can('decide', App\Models\HeldSubmission::class)
<x-several :action="route('held.several')" what="submissions"><button name="act" value="release">Release them</button>
<x-sure does="Delete them" asks="Nothing of them is kept." name="act" value="delete" /></x-several>
@endcan
{{ $page->pages }}
@endif
</div>
<aside class="margin" aria-label="What screening looks at">
<h2 class="soft">What screening looks at</h2>
<p>{{ $sum }}</p>
@foreach ($notes as $note)
<section><p><b class="figure">{{ $note->count }}</b> {{ $note->says }}</p><p class="soft">{{ $note->follows }}</p></section>
@endforeach
<section><p class="soft">The risk is the sum of what is noticed, by a logistic function. Whoever is held sees the same page as everybody, and nothing is kept
of them once it is decided.</p></section>
</aside>
</div>
@endsection
