{{ $greeting }}

{{ $words->word('text') }}

@foreach ($statements as $statement)
  {{ $statement }}

@endforeach
{{ $words->word('withdraw-text') }}
{{ $link }}
@if ($notTheirs)

{{ $words->word('not-theirs-text') }}
{{ $notTheirs }}
@endif

@if ($closing)
{{ $closing }}

@endif
--
{{ $controller->name }}, {{ $controller->postalAddress }}
{{ $controller->contact }}
@if ($notice){{ $words->word('notice') }}: {{ $notice }}@endif
