@props(['of'])
<span class="ends"><input type="{{ $of->type }}" @class(['inline-text', 'missing' => $of->value === '' && $of->needed, 'unsaid' => ! $of->needed])
 id="{{ $of->id }}" name="value" value="{{ $of->value }}"
 aria-label="{{ $of->label }}" placeholder="{{ $of->empty }}" autocomplete="off" size="{{ $of->size() }}" data-place="{{ $of->place }}">{{ $slot }}</span>
