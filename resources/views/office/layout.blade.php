<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>@yield('title') · Juramen</title>
<link rel="stylesheet" href="/build/office.css">
<link rel="icon" href="/favicon.svg" type="image/svg+xml">
</head>
<body>
<a class="skip" href="#page">To the page</a>
<header class="areas">
<span class="sign">Juramen</span>
@auth
<nav aria-label="Areas">
@can('viewAny', App\Models\Subscriber::class)
<a href="{{ route('evidence') }}" @if(request()->routeIs('evidence*')) aria-current="page" @endif>Evidence</a>
<a href="{{ route('held') }}" @if(request()->routeIs('held*')) aria-current="page" @endif>Held</a>
@endcan
@can('viewAny', App\Models\Message::class)
<a href="{{ route('mails') }}" @if(request()->routeIs('mails*')) aria-current="page" @endif>Mails</a>
@endcan
</nav>
<form method="post" action="{{ route('logout') }}">@csrf <span class="soft">{{ auth()->user()->name }}, {{ auth()->user()->role->value }}</span> <button class="plain">Sign out</button></form>
@endauth
</header>
<main id="page" tabindex="-1">
<div class="title"><h1>@yield('title')</h1><p class="soft">@yield('state')</p></div>
@if (session('said'))
<p class="said" role="status">{{ session('said') }}</p>
@endif
@yield('content')
</main>
</body>
</html>
