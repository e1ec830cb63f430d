@props(['of'])
<span class="grip" id="grip-{{ str_replace('/', '-', $of) }}" aria-hidden="true" title="Drag to move">↕</span>
