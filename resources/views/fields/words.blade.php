<div class="words" hx-vals="{{ json_encode(['place' => $place]) }}" hx-post="{{ $to['judge'] }}" hx-trigger="input changed delay:80ms from:find textarea" hx-include="find textarea, #base, #shown" hx-sync="this:replace">
<label for="{{ $id($place) }}">{{ $label }}</label>
<div class="layers">@include('fields.under', ['oob' => false])<textarea id="{{ $id($place) }}" name="value" lang="{{ $lang }}" rows="{{ $rows }}" spellcheck="true" hx-post="{{ $to['change'] }}" hx-trigger="change" hx-include="this, #base, #shown" data-grows>{{ $value }}</textarea></div>
</div>
