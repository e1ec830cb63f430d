{{ $words['heading'] }}

{{ $words['because'] }}

@foreach ($statements as $statement)
  {{ $statement }}

@endforeach
{{ $words['button'] }}:
{{ $link }}

{{ $words['ignore'] }}

--
{{ $controller->name }}, {{ $controller->postalAddress }}
{{ $controller->contact }}
{{ $words['notice'] }}: {{ $controller->notice->in($language) }}
