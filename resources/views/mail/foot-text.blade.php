@if ($closing)
{{ $closing }}

@endif
--
{{ $controller->name }}, {{ $controller->postalAddress }}
{{ $controller->contact }}
@if ($notice){{ $words->word('notice') }}: {{ $notice }}@endif
