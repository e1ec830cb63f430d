{{ $words['greeting'] }}

{{ $words['text'] }}

@foreach ($statements as $statement)
  {{ $statement }}

@endforeach
{{ $words['withdraw-text'] }}
{{ $link }}

--
{{ $controller->name }}, {{ $controller->postalAddress }}
{{ $controller->contact }}
@if ($notice){{ $words['notice'] }}: {{ $notice }}@endif
