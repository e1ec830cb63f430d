<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $title }} · Juramen</title>
<link rel="stylesheet" href="/build/office.css">
</head>
<body>
<header class="areas"><span class="sign">Juramen</span></header>
<main><div class="title"><h1>{{ $title }}</h1></div><div class="page narrow"><p>{{ $text }}</p><p><a href="/">To the start</a></p></div></main>
</body>
</html>
