@if ($greeting !== '')
{{ $greeting }}

@endif
{{ $words->word('heading') }}

{{ $words->word('because') }}

@foreach ($statements as $statement)
  {{ $statement }}

@endforeach
{{ $words->word('button') }}:
{{ $link }}

{{ $words->word('ignore') }}
@if ($stop)

{{ $stopping->word('withdraw-text') }}
{{ $stop }}
@endif

@if ($closing)
{{ $closing }}

@endif
--
{{ $controller->name }}, {{ $controller->postalAddress }}
{{ $controller->contact }}
@if ($notice){{ $words->word('notice') }}: {{ $notice }}@endif
