@props(['of', 'part' => false])
<div class="under" id="{{ $of->layer() }}" aria-hidden="true" @if ($part) data-part @endif>{!! $of->marked !!}</div>
