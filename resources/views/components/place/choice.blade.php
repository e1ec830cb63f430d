@props(['of'])
<span class="ends"><select class="inline-choice" id="{{ $of->id }}" name="value" aria-label="{{ $of->label }}" data-place="{{ $of->place }}">
@foreach ($of->options as $option)<option value="{{ $option->value }}" @selected($option->chosen)>{{ $option->text }}</option>@endforeach
</select>{{ $slot }}</span>
