@extends('office.layout')
@section('title', $page->title)
@section('state', "{$page->state} · evidence as of $page->printed")
@section('content')
<div class="page printed">
<p class="not-printed"><button type="button" class="do" id="print" data-prints>Print</button> <a href="{{ $page->back }}">Back to this person</a></p>
@if ($page->faults !== [])
<div class="answer no" role="alert"><p><b>This cannot be relied on.</b> What is on record about this person is not as it was written:</p>
<ul>@foreach ($page->faults as $fault)<li>{{ $fault }}</li>@endforeach</ul></div>
@else
<h2>What may be done now</h2>
@forelse ($page->answers as $each)
<p><b>{{ $each->asked }}: {{ $each->answer->word() }}</b> {{ $each->answer->says }} <span class="soft">{{ $each->answer->entries }}</span></p>
@empty
<p>Nothing was ever asked of this person.</p>
@endforelse
@endif
@include('evidence.acts', ['oob' => false, 'page' => $page])
@include('evidence.went', ['went' => $page->went])
@foreach ($page->proofs as $act)
<div class="proof-of-act">@include('evidence.chosen', ['act' => $act])</div>
@endforeach
</div>
@endsection
