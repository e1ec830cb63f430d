@props(['of', 'to'])
<button type="button" class="plain" id="{{ $of->id }}" hx-post="{{ $to }}" hx-vals="{{ $of->values() }}" aria-label="{{ $of->label }}">{{ $of->text }}</button>
