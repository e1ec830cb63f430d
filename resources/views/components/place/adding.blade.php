@props(['of', 'before' => 'Ask also for', 'behind' => ''])
<form class="sentence" method="post" data-place="{{ $of->place }}" data-does="add">{{ $before }}
<select class="inline-choice" id="{{ $of->id }}" name="value" aria-label="Ask for another {{ $of->what }}" required>
@foreach ($of->options as $option)<option value="{{ $option->value }}" @selected($option->chosen)>{{ $option->text }}</option>@endforeach
</select>{{ $behind }} <button class="plain" id="{{ $of->id }}-now" aria-label="Add the {{ $of->what }}">Add</button></form>
