{{ $words['heading'] }}

{{ $words['because'] }}

@foreach ($statements as $statement)
  {{ $statement }}

@endforeach
{{ $words['button'] }}:
{{ $link }}

{{ $words['ignore'] }}
@if ($stop)

{{ $words['withdraw-text'] }}
{{ $stop }}
@endif

--
{{ $controller->name }}, {{ $controller->postalAddress }}
{{ $controller->contact }}
@if ($notice){{ $words['notice'] }}: {{ $notice }}@endif
