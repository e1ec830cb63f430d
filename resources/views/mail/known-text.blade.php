{{ $words->word('heading') }}

{{ $words->word('because') }}

@if ($link)
{{ $words->word('button') }}:
{{ $link }}

@else
@foreach ($statements as $statement)
  {{ $statement }}

@endforeach
@endif
{{ $words->word('withdraw-text') }}
{{ $stop }}

{{ $words->word('ignore') }}

@if ($closing)
{{ $closing }}

@endif
--
{{ $controller->name }}, {{ $controller->postalAddress }}
{{ $controller->contact }}
@if ($notice){{ $words->word('notice') }}: {{ $notice }}@endif
