<div class="swatches">@foreach ($look->colours as $colour)<x-place.swatch :of="$colour" />@endforeach</div>
<p class="sentence">It is written in <x-place.choice :of="$look->font">,</x-place.choice> with
<x-place.choice :of="$look->spacing">;</x-place.choice> fields have edges
<x-place.choice :of="$look->edges">,</x-place.choice> <x-place.line :of="$look->edgeWidth" /> pixels wide, and corners
of <x-place.line :of="$look->corner" /> pixels; labels stand
<x-place.choice :of="$look->labels">;</x-place.choice> fields stand <x-place.choice :of="$look->layout">;</x-place.choice> it
@if ($look->dark)is <x-place.choice :of="$look->dark" /> and @endif has <x-place.choice :of="$look->ground">.</x-place.choice></p>
<table class="contrasts"><caption>What meets on it, and how it stands out (WCAG 2.2, 1.4.3 and 1.4.11)</caption>
<thead><tr><th scope="col">What</th><th scope="col">Sample</th><th scope="col" class="figure">Contrast</th><th scope="col">Enough?</th></tr></thead>
<tbody>
@foreach ($look->contrasts as $row)
<tr><td>{{ $row->what }}</td>
<td><svg width="60" height="22" aria-hidden="true"><rect width="60" height="22" fill="{{ $row->ground }}"></rect><text x="30" y="16" text-anchor="middle"
 fill="{{ $row->front }}">Aa</text></svg></td>
<td class="figure">{{ $row->has }}</td>
<td>@if ($row->isOpen)<x-shape verdict="open" /> {{ $row->needed }} is needed, on whatever ground it is put on; here it is measured on {{ $row->ground }}
@elseif ($row->isEnough)<span class="met">✓ {{ $row->needed }} is needed</span>@else<span class="breach">{{ $row->needed }} is needed</span>
@if ($row->take)<x-place.press :of="$row->take" />@endif @endif</td></tr>
@endforeach
</tbody></table>
@if ($look->takeOff)<p class="sentence">The image above the form shows @foreach ($look->shows as $line)<x-place.line :of="$line" /> @endforeach
<x-place.press :of="$look->takeOff" /></p>@endif
@if ($look->takeSignOff)<p class="sentence">The sign stands above every form of the house. Mails <x-place.choice :of="$look->mails">;</x-place.choice> it
goes with the mail, small, and is loaded from nowhere. <x-place.press :of="$look->takeSignOff" /></p>@endif
@if ($look->back)<p><x-place.press :of="$look->back" /></p>@endif
