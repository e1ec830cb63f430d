<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>What would have become of it</title>
<link rel="stylesheet" href="/build/office.css">
<link rel="icon" href="/favicon.svg" type="image/svg+xml">
</head>
<body>
<main class="trial">
<h1>{{ $page->says }}</h1>
<p>{{ $page->shown }} It was a trial: nothing of it is kept.</p>
@if ($page->sum !== [])
@include('screening.sum', ['sum' => $page->sum, 'hidden' => false])
<p><b>{{ $page->total }}</b></p>
@endif
<p>Once more:
@foreach ($page->again as $tab)<a href="{{ $tab->link }}">{{ $tab->text }}</a>{{ $loop->last ? '.' : ',' }}
@endforeach
</p>
</main>
</body>
</html>
