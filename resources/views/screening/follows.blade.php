<div id="follows" aria-live="polite">
@if ($page->view->wrong !== '')<p class="wrong" role="alert">{{ $page->view->wrong }} Those in force are shown.</p>@endif
<p>{{ $page->state }}</p>
<figure class="chart risks">
<svg viewBox="-24 0 {{ $page->drawing::WIDTH + 48 }} 258" role="img" aria-labelledby="risks-title" data-lines data-width="{{ $page->drawing::WIDTH }}">
<title id="risks-title">How many came with which risk, and where the lines lie</title>
@foreach ($page->drawing->bands() as $label)<text x="{{ $label->x }}" y="14" class="risk-band" text-anchor="middle">{{ $label->text }}</text>@endforeach
@foreach ($page->drawing->bars() as $bar)
<g><title>{{ $bar->says }}</title>
<rect x="{{ $bar->x }}" y="{{ $page->drawing::BASE - $bar->height }}" width="{{ $bar->width }}" height="{{ $bar->height }}" class="risk-bar"/>
@if ($bar->spam > 0)<rect x="{{ $bar->x }}" y="{{ $page->drawing::BASE - $bar->spam }}" width="{{ $bar->width / 2 }}" height="{{ $bar->spam }}"
 class="risk-spam"/>@endif
@if ($bar->ham > 0)<rect x="{{ $bar->x + $bar->width / 2 }}" y="{{ $page->drawing::BASE - $bar->ham }}" width="{{ $bar->width / 2 }}"
 height="{{ $bar->ham }}" class="risk-ham"/>@endif</g>
@endforeach
<path d="M0 {{ $page->drawing::BASE }}H{{ $page->drawing::WIDTH }}" class="risk-base"/>
@foreach ([0, 20, 40, 60, 80, 100] as $mark)
<text x="{{ $page->drawing->at($mark) }}" y="{{ $page->drawing::BASE + 34 }}" class="risk-mark" text-anchor="middle">{{ $mark }} %</text>
@endforeach
@foreach (['puzzle', 'hold', 'refuse'] as $name)
@if ($page->inForce->{$name} !== $page->drawing->lines->{$name})
<path d="M{{ $page->drawing->at($page->inForce->{$name}) }} 24V{{ $page->drawing::BASE }}" class="risk-in-force"/>
@endif
<g class="risk-line" data-line="{{ $name }}" transform="translate({{ $page->drawing->at($page->drawing->lines->{$name}) }} 0)">
<path d="M0 22V{{ $page->drawing::BASE + 8 }}"/><circle cy="{{ $page->drawing::BASE + 8 }}" r="7"/>
<rect x="-9" y="20" width="18" height="{{ $page->drawing::BASE }}" class="risk-grip"/></g>
@endforeach
</svg>
<figcaption class="soft">Bars grow with the root of their number. Left within a bar, filled: refused by a person; right, outlined: accepted.</figcaption>
</figure>
@foreach ($page->says as $sentence)<p>{{ $sentence }}</p>@endforeach
@if ($page->least !== null && $page->least <= 100 && $page->least >= $page->view->lines->puzzle && $page->least <= $page->view->lines->refuse)
<p><a href="{{ route('screening.lines', [...$page->view->query(), 'hold' => $page->least]) }}">Take {{ $page->least }} %, which costs least</a></p>
@endif
@foreach ($page->view->query() as $name => $value)<input type="hidden" form="draw" name="{{ $name }}" value="{{ $value }}">@endforeach
</div>
