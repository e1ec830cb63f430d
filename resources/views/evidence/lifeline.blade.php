<figure class="lifeline">
<svg viewBox="0 0 {{ $drawing::WIDTH }} {{ $drawing->height() }}" data-lifeline data-left="{{ $drawing::LEFT }}" data-right="{{ $drawing->right() }}"
 data-begin="{{ $drawing->begin }}" data-end="{{ $drawing->end }}" data-step="{{ $drawing->zoom->step() }}"
 role="group" aria-label="Permissions over time">
<defs><pattern id="hatched" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
<rect width="6" height="6" class="hatch-ground"/><path d="M0 0V6" class="hatch-line"/></pattern></defs>
@foreach ($drawing->ticks() as $tick)
<path d="M{{ $tick->x }} 8V{{ $drawing->height() - 30 }}" class="grid-line"/>
<text x="{{ $tick->x }}" y="{{ $drawing->height() - 12 }}" class="tick" text-anchor="middle">{{ $tick->text }}</text>
@endforeach
@foreach ($drawing->lines as $line)
<text x="0" y="{{ $line->y + 12 }}">{{ $line->purpose }}</text><text x="0" y="{{ $line->y + 27 }}" class="tick">{{ $line->channel }}</text>
@foreach ($line->spans as $span)
<g tabindex="0" role="img" aria-label="{{ $span->label }}" class="span" data-says="{{ $span->says }}">
<title>{{ $span->says }}</title>
<rect x="{{ $span->x }}" y="{{ $line->y }}" width="{{ $span->width }}" height="22" class="{{ $span->class }}"/>
@if ($span->withdrawn)<path d="M{{ $span->end }} {{ $line->y - 4 }}v30" class="end-bar"/>@endif
@if ($span->lapsed > 0)<rect x="{{ $span->end }}" y="{{ $line->y }}" width="{{ $span->lapsed }}" height="22" class="bar-lapsed"/>@endif
@if ($span->text)
<text x="{{ $span->text->x }}" y="{{ $line->y + 15 }}" class="{{ $span->text->class }}" text-anchor="{{ $span->text->anchor }}">{{ $span->text->text }}</text>
@endif
</g>
@endforeach
@endforeach
<g id="cursor" class="cursor" tabindex="0" role="slider" aria-label="The question's date" aria-valuemin="{{ $drawing->begin }}"
 aria-valuemax="{{ $drawing->end }}" aria-valuenow="{{ $drawing->cursorSeconds() }}" aria-valuetext="{{ $drawing->cursorSays() }}"
 transform="translate({{ $drawing->cursorAt() }} 0)"><path d="M0 6V{{ $drawing->height() - 30 }}"/><circle r="5" cy="6"/></g>
</svg>
<figcaption class="soft"><span data-says-here>Drag the line, or move it with the arrow keys; with Shift it goes further.</span>
<span class="legend"><span class="key waiting"></span> waiting <span class="key permitted"></span> permitted <span
 class="key gone"></span> lapsed</span></figcaption>
<details><summary id="lifeline-table">The same as a table</summary>
<table><thead><tr><th scope="col">For</th><th scope="col">State</th><th scope="col">From</th><th scope="col">To</th><th scope="col">Ended by</th></tr></thead>
<tbody>
@foreach ($drawing->lines as $line)
@foreach ($line->spans as $span)
<tr><td>{{ $span->of }}</td><td>{{ $span->state }}</td><td>{{ $span->from }}</td><td>{{ $span->to }}</td><td>{{ $span->ended }}</td></tr>
@endforeach
@endforeach
</tbody></table></details>
</figure>
