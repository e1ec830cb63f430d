@props(['of', 'oob' => false])
<div class="under" id="{{ $of->layer() }}" aria-hidden="true" @if ($oob) data-part @endif>{!! $of->marked !!}</div>
