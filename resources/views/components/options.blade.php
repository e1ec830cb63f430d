{{-- In a form that begins something and was refused, what was chosen stays so. --}}
@aware(['kind' => ''])
@props(['id', 'of', 'name' => null])
@php($kept = $errors->has("name-$kind") ? old($name ?? $id) : null)
<select id="{{ $id }}" name="{{ $name ?? $id }}">
@foreach ($of as $option)<option value="{{ $option->value }}"
 @selected($kept === null ? $option->chosen : $option->value === $kept)>{{ $option->text }}</option>@endforeach
</select>
