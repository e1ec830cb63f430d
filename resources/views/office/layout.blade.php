<!doctype html>
<html lang="en" data-zone="{{ config('juramen.timezone') }}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="htmx-config" content='{"includeIndicatorStyles":false,"allowEval":false,"historyEnabled":false,"responseHandling":[
 {"code":"204","swap":false},{"code":"[23]..","swap":true},{"code":"422","swap":true},{"code":"[45]..","swap":false,"error":true}]}'>
<title>@yield('title') · Juramen</title>
<link rel="stylesheet" href="/build/office.css">
<link rel="icon" href="/favicon.svg" type="image/svg+xml">
<script src="/build/htmx.js" defer></script>
<script src="/build/office.js" defer></script>
<script src="/build/sheet.js" defer></script>
@stack('scripts')
<script src="/build/lifeline.js" defer></script>
</head>
<body data-token="{{ csrf_token() }}">
<a class="skip" href="#page">To the page</a>
<header class="areas">
<a href="/" class="sign">Juramen</a>
@auth
<nav aria-label="Areas">
<a href="{{ route('desk') }}" data-go="d" @if(request()->routeIs('desk', 'mails*', 'work*', 'withdrawals*', 'acts*')) aria-current="page" @endif>Desk</a>
@can('viewAny', App\Models\Point::class)
<a href="{{ route('points') }}" data-go="p" @if(($tab ?? '') === 'lists'
 || request()->routeIs('points*', 'rules*', 'enquiries*', 'lists*')) aria-current="page"
 @endif>Signup points</a>
<a href="{{ route('wording') }}" data-go="w" @if(($tab ?? '') !== 'lists' && request()->routeIs('wording*', 'records*')) aria-current="page" @endif>Wording</a>
@endcan
@can('viewAny', App\Models\Subscriber::class)
<a href="{{ route('held') }}" data-go="s" @if(request()->routeIs('held*', 'screening*')) aria-current="page" @endif>Screening</a>
<a href="{{ route('evidence') }}" data-go="e" @if(request()->routeIs('evidence*')) aria-current="page" @endif>Evidence</a>
@endcan
@can('viewAny', App\Models\ForeignForm::class)
<a href="{{ route('audit') }}" data-go="u" @if(request()->routeIs('audit*', 'requirement*')) aria-current="page" @endif>Audit</a>
@endcan
@can('viewAny', App\Models\RightsRequest::class)
<a href="{{ route('requests') }}" data-go="r" @if(request()->routeIs('requests*')) aria-current="page" @endif>Requests</a>
@endcan
@can('setKey', App\Models\Record::class)
<a href="{{ route('keys') }}" @if(request()->routeIs('keys')) aria-current="page" @endif>Keys</a>
@endcan
@can('viewAny', App\Models\User::class)
<a href="{{ route('accounts') }}" data-go="o" @if(request()->routeIs('accounts*')) aria-current="page" @endif>Accounts</a>
@endcan
</nav>
<div class="who">
@can('viewAny', App\Models\Subscriber::class)<a href="{{ route('evidence') }}" id="find-anything">Find a person or a point <kbd>/</kbd></a>@endcan
<a href="{{ route('account') }}" data-go="a">{{ auth()->user()->name }}, {{ auth()->user()->role->value }}</a>
<form method="post" action="{{ route('logout') }}">@csrf<button class="plain">Sign out</button></form>
</div>
@endauth
</header>
<main id="page" tabindex="-1">
@hasSection('own-title')
@else
<div class="title"><h1>@yield('title')</h1><p class="soft">@yield('state')</p></div>
@endif
@if (session('said'))
<p class="said" role="status">{{ session('said') }}</p>
@endif
@yield('content')
</main>
<dialog id="keys" aria-labelledby="keys-title"><h2 id="keys-title">Keys</h2>
<dl>
@can('viewAny', App\Models\Subscriber::class)<dt><kbd>/</kbd></dt><dd>find a person or a point</dd>@endcan
<dt><kbd>g</kbd> <kbd>d</kbd></dt><dd>to the desk</dd>
@can('viewAny', App\Models\Point::class)
<dt><kbd>g</kbd> <kbd>p</kbd></dt><dd>to the signup points</dd><dt><kbd>g</kbd> <kbd>w</kbd></dt><dd>to the wording</dd>
@endcan
@can('viewAny', App\Models\Subscriber::class)
<dt><kbd>g</kbd> <kbd>s</kbd></dt><dd>to screening</dd><dt><kbd>g</kbd> <kbd>e</kbd></dt><dd>to evidence</dd>
@endcan
@can('viewAny', App\Models\ForeignForm::class)<dt><kbd>g</kbd> <kbd>u</kbd></dt><dd>to the audit</dd>@endcan
@can('viewAny', App\Models\RightsRequest::class)<dt><kbd>g</kbd> <kbd>r</kbd></dt><dd>to the requests</dd>@endcan
@can('viewAny', App\Models\User::class)<dt><kbd>g</kbd> <kbd>o</kbd></dt><dd>to the accounts</dd>@endcan
<dt><kbd>g</kbd> <kbd>a</kbd></dt><dd>to your own account</dd>
<dt><kbd>Ctrl</kbd> <kbd>Z</kbd></dt><dd>undo on a sheet, outside a text that is being typed</dd>
<dt><kbd>Esc</kbd></dt><dd>closes the notes on a phone</dd>
<dt><kbd>?</kbd></dt><dd>these keys</dd>
</dl>
<form method="dialog"><button>Close</button></form></dialog>
</body>
</html>
