@props(['of', 'oob' => false])
<div class="under" id="{{ $of->layer() }}" aria-hidden="true" @if ($oob) hx-swap-oob="true" @endif>{!! $of->marked !!}</div>
