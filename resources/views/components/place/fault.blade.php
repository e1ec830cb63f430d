@props(['of', 'part' => false])
<span class="fault" id="fault-{{ $of->id }}" aria-live="polite" @if ($part) data-part @endif>{{ $of->fault }}</span>
