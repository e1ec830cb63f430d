@props(['id', 'of'])
<select id="{{ $id }}" name="{{ $id }}">
@foreach ($of as $option)<option value="{{ $option->value }}" @selected($option->chosen)>{{ $option->text }}</option>@endforeach
</select>
