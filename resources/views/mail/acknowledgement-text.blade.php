{{ $words->word('heading') }}

{{ $words->word('text') }}

{{ $words->word('ignore') }}

--
{{ $controller->name }}, {{ $controller->postalAddress }}
{{ $controller->contact }}
@if ($notice){{ $words->word('notice') }}: {{ $notice }}@endif
