<details class="inline-several"><summary id="{{ $id($place) }}" aria-label="{{ $label }}: {{ $says }}">{{ $says }}</summary>
<span class="several" role="group" aria-label="{{ $label }}" hx-post="{{ $to['change'] }}" hx-trigger="change" hx-vals="{{ json_encode(['place' => $place]) }}" hx-include="find input, #base, #shown">
@foreach ($options as $key => $text)<label><input type="checkbox" id="{{ $id($place) }}-{{ $key }}" name="value[]" value="{{ $key }}" @checked(in_array($key, $chosen, true))> {{ $text }}</label> @endforeach
</span></details>