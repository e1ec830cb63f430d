@props(['id', 'label', 'options'])
@if ($options !== [])
<label for="{{ $id }}">{{ $label }}</label>
<select id="{{ $id }}" name="controller">@foreach ($options as $option)<option value="{{ $option->value }}">{{ $option->text }}</option>@endforeach</select>
@endif
