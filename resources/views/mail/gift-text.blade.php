@if ($gift)
{{ $giftText }}
{{ $gift->url }}

@endif
