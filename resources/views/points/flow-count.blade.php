@if ($count === null)
not known
@elseif ($link)
<a href="{{ $link }}">{{ number_format($count) }}</a>
@else
{{ number_format($count) }}
@endif
