@props(['of'])
<div class="words" data-place="{{ $of->place }}">
<label for="{{ $of->id }}">{{ $of->label }}</label>
<div class="layers"><x-place.layer :of="$of" /><textarea id="{{ $of->id }}" lang="{{ $of->language }}" rows="{{ $of->rows }}" spellcheck="true" data-judged
 data-grows>{{ $of->value }}</textarea></div>
</div>
