@props(['of', 'to', 'judge'])
<div class="words" hx-vals="{{ json_encode(['place' => $of->place]) }}" hx-post="{{ $judge }}" hx-trigger="input changed delay:80ms from:find textarea"
 hx-include="find textarea, #base, #shown" hx-sync="this:replace">
<label for="{{ $of->id }}">{{ $of->label }}</label>
<div class="layers"><x-place.layer :of="$of" /><textarea id="{{ $of->id }}" name="value" lang="{{ $of->language }}" rows="{{ $of->rows }}" spellcheck="true"
 hx-post="{{ $to }}" hx-trigger="change" hx-include="this, #base, #shown" data-grows>{{ $of->value }}</textarea></div>
</div>
