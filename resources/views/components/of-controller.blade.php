@props(['id', 'label', 'options'])
@if ($options !== [])
<label for="{{ $id }}">{{ $label }}</label>
<x-options :id="$id" name="controller" :of="$options" />
@endif
