<!doctype html>
<html lang="{{ $language->value }}">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width"><meta name="color-scheme" content="light dark">
<meta name="supported-color-schemes" content="light dark"><title>{{ $words->word('subject') }}</title>
<style>@unless ($dark ?? false)@media (prefers-color-scheme: dark) {@endunless
.ground { background: #14181f !important; color: #e8e4da !important; } .paper { background: #1b212b !important; }
.soft, .soft a { color: #a9b0bc !important; } .text a { color: #9fd0dc !important; }
@unless ($dark ?? false)}@endunless</style></head>
<body class="ground" style="margin:0;background:#f3f0e8;color:#1b2230;font-family:Georgia,'Noto Serif',serif;font-size:17px;line-height:1.5">
<div class="paper" style="max-width:560px;margin:0 auto;padding:24px;background:#fffdf9">
@if ($sign)
<p style="margin:0 0 24px"><img src="{{ $sign }}" alt="" width="{{ $wide }}" height="{{ $tall }}" style="display:block"></p>
@endif
@yield('content')
@if ($closing)
<p style="margin:24px 0 0">{{ $closing }}</p>
@endif
<p class="soft" style="margin:24px 0 0;color:#535a68;font-size:14px">{{ $controller->name }}, {{ $controller->postalAddress }}<br>
{{ $controller->contact }}
@if ($notice) · <a href="{{ $notice }}" style="color:#535a68">{{ $words->word('notice') }}</a>@endif</p>
</div>
</body>
</html>
