<!doctype html>
<html lang="{{ $language->value }}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="robots" content="noindex">
<title>@yield('title')</title>
<link rel="stylesheet" href="{{ $stylesheet }}">
</head>
<body>
<main>
@isset($controller)
<p class="who"><b>{{ $controller->name }}</b></p>
@endisset
<h1>@yield('title')</h1>
@yield('content')
@isset($controller)
<footer>{{ $controller->name }}, {{ $controller->postalAddress }}, {{ $controller->contact }}</footer>
@endisset
</main>
</body>
</html>
