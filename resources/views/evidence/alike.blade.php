@extends('office.layout')
@section('title', 'Of the same hand')
@section('state', 'signed up about when this one did, and like it')
@section('content')
<div class="beside">
<div class="page">
@if ($page->rows === [])
<p>No other sign-up of these days is like it. <a href="{{ $page->person }}">Back to the evidence</a></p>
@else
<table>
<caption>Subscribers who are likely of the same hand</caption>
<thead><tr><x-pick-all /><th scope="col">Address</th><th scope="col">Asked</th><th scope="col">Form</th><th scope="col">State</th></tr></thead>
<tbody>
@foreach ($page->rows as $row)
<tr><x-pick :id="$row->id" :what="$row->email" /><td><a href="{{ $row->href }}">{{ $row->email }}</a></td><td class="line">{{ $row->asked }}</td>
<td>{{ $row->point }}</td><td>{{ $row->state }}</td></tr>
@endforeach
</tbody>
</table>
<x-several :action="$page->action" what="sign-ups"><x-sure does="Find them to be a program's" asks="What they agreed to ends; their entries stay."
 name="act" value="spam" /></x-several>
<p><a href="{{ $page->person }}">Back to the evidence</a></p>
@endif
</div>
<aside class="margin" aria-label="Notes">
<section><p><b>What is alike</b></p>
<p class="soft">Three at least of these: the domain of the address, how its first part is built, what screening noticed, and the form and day. What is alike
 need not be a program's: look at each.</p></section>
</aside>
</div>
@endsection
