@props(['of'])
<details class="inline-several"><summary id="{{ $of->id }}" aria-label="{{ $of->label }}: {{ $of->says }}">{{ $of->says }}</summary>
<span class="several" role="group" aria-label="{{ $of->label }}" data-place="{{ $of->place }}">
@foreach ($of->options as $option)
<label><input type="checkbox" id="{{ $of->id }}-{{ $option->value }}" value="{{ $option->value }}"
 @checked($option->chosen)> {{ $option->text }}</label>
@endforeach
</span></details>
