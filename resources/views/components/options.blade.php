@props(['id', 'of', 'name' => null])
<select id="{{ $id }}" name="{{ $name ?? $id }}">
@foreach ($of as $option)<option value="{{ $option->value }}" @selected($option->chosen)>{{ $option->text }}</option>@endforeach
</select>
