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
@include('evidence.acts', ['oob' => false])
@include('evidence.went', ['went' => $page->went])
<p><a href="{{ $page->print }}">All of this on paper</a></p>
</div>
@include('evidence.proof', ['oob' => false])
</div>
@endsection
