@props(['of', 'to'])
<details class="inline-several"><summary id="{{ $of->id }}" aria-label="{{ $of->label }}: {{ $of->says }}">{{ $of->says }}</summary>
<span class="several" role="group" aria-label="{{ $of->label }}" hx-post="{{ $to }}" hx-trigger="change" hx-vals="{{ json_encode(['place' => $of->place]) }}"
 hx-include="find input, #base, #shown">
@foreach ($of->options as $option)
<label><input type="checkbox" id="{{ $of->id }}-{{ $option->value }}" name="value[]" value="{{ $option->value }}"
 @checked($option->chosen)> {{ $option->text }}</label>
@endforeach
</span></details>
