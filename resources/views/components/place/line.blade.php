@props(['of'])
@php($classes = Arr::toCssClasses(['inline-text', 'missing' => $of->value === '' && $of->needed, 'unsaid' => ! $of->needed]))
@if ($of->type === 'area')
<textarea class="{{ $classes }}" id="{{ $of->id }}" name="value" rows="1" data-grows aria-label="{{ $of->label }}" placeholder="{{ $of->empty }}"
 autocomplete="off" spellcheck="true" data-place="{{ $of->place }}">{{ $of->value }}</textarea>
@else
<span class="ends"><input type="{{ $of->type }}" class="{{ $classes }}"
 id="{{ $of->id }}" name="value" value="{{ $of->value }}"
 aria-label="{{ $of->label }}" placeholder="{{ $of->empty }}" autocomplete="off" size="{{ $of->size() }}" data-place="{{ $of->place }}"
 @if ($of->judged) data-judged @endif @if ($of->fault !== null) aria-describedby="fault-{{ $of->id }}" @endif
>{{ $slot }}</span>
@if ($of->fault !== null)<x-place.fault :of="$of" />@endif
@endif
