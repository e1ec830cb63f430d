@props(['of', 'to'])
<select class="inline-choice" id="{{ $of->id }}" name="value" aria-label="{{ $of->label }}" hx-post="{{ $to }}" hx-trigger="change"
 hx-vals="{{ $of->values() }}">
@foreach ($of->options as $option)<option value="{{ $option->value }}" @selected($option->chosen)>{{ $option->text }}</option>@endforeach
</select>
