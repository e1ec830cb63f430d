@php
[$title, $text] = match ($status) {
    403 => ['This is not open to you', 'Your role may not see or do this. If you need it, ask an administrator for another role.'],
    400, 421 => ['This is not our address', 'You came by a name that this instance does not answer to. Use the address you were given.'],
    404, 405 => ['There is no such page', 'Check the address, or go back to the start.'],
    419 => ['You were away for too long', 'Your session ended, so nothing was changed. Sign in and do it once more.'],
    429 => ['Too many tries', 'Wait a minute, then try again.'],
    default => ['This did not work just now', 'The fault is ours and was written down. Try again in a few minutes; if it stays, tell your administrator.'],
};
@endphp
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
