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
@can('decide', App\Models\HeldSubmission::class)
@if ($page->isSpam)
<p>Found to be a program's. <a href="{{ $page->alike }}">Others of the same hand</a></p>
@else
<form method="post" action="{{ $page->spam }}">@csrf<x-sure does="This is a program's, not a person's"
 asks="What it agreed to ends and is counted no longer; the entries stay, with your name." /></form>
@endif
@endcan
</div>
@include('evidence.proof', ['oob' => false])
</div>
@endsection
