@props(['of'])
<button type="button" class="plain" id="{{ $of->id }}" data-place="{{ $of->place }}" data-does="{{ $of->does }}" data-value="{{ $of->value }}"
 aria-label="{{ $of->label }}">{{ $of->text }}</button>
