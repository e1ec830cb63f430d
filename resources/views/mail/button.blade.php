<p style="margin:24px 0"><a href="{{ $link }}"
 style="display:block;padding:16px;background:{{ $controller->accent }};color:#ffffff;text-align:center;text-decoration:none;font-weight:600;
border-radius:3px">{{ $words->word('button') }}</a></p>
<p class="soft" style="margin:0 0 16px;color:#535a68;font-size:14px;overflow-wrap:anywhere">{{ $link }}</p>
