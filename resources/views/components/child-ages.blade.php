@props(['of'])
@foreach ($of as $each)
<x-place.choice :of="$each->age" /> in {{ $each->country }}@if ($each->remark !== '') <span class="soft">({{ $each->remark }})</span>
@endif{{ $loop->last ? '.' : ',' }}
@endforeach
