@props(['of', 'to'])
<input type="{{ $of->type }}" @class(['inline-text', 'missing' => $of->value === '']) id="{{ $of->id }}" name="value" value="{{ $of->value }}"
 aria-label="{{ $of->label }}" placeholder="{{ $of->empty }}" autocomplete="off" size="{{ $of->size() }}"
 hx-post="{{ $to }}" hx-trigger="change" hx-vals="{{ json_encode(['place' => $of->place]) }}">
