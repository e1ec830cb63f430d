@props(['of'])
<label class="swatch-choice"><input type="color" class="swatch" id="{{ $of->id }}" name="value" value="{{ $of->value }}" aria-label="{{ $of->label }}"
 data-place="{{ $of->place }}"> {{ $of->label }} <span class="mono">{{ $of->value }}</span></label>
