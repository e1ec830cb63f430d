{{-- The question with its answer; acts and form beside it follow where the answer rests on others now. --}}
@include('evidence.asked', ['question' => $page->question])
@if ($others)
@include('evidence.acts', ['oob' => true])
@include('evidence.proof', ['oob' => true])
@endif
