<!doctype html>
<html lang="{{ $language->value }}">
<head><meta charset="utf-8"><title>{{ $words->word('subject') }}</title></head>
<body style="margin:0;background:#f3f0e8;color:#1b2230;font-family:Georgia,'Noto Serif',serif;font-size:17px;line-height:1.5">
<div style="max-width:560px;margin:0 auto;padding:24px;background:#fffdf9">
@yield('content')
@if ($closing)
<p style="margin:24px 0 0">{{ $closing }}</p>
@endif
<p style="margin:24px 0 0;color:#535a68;font-size:14px">{{ $controller->name }}, {{ $controller->postalAddress }}<br>
{{ $controller->contact }}
@if ($notice) · <a href="{{ $notice }}" style="color:#535a68">{{ $words->word('notice') }}</a>@endif</p>
</div>
</body>
</html>
