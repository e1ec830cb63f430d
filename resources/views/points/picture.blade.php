<svg viewBox="0 0 {{ $page->picture::WIDTH }} {{ $page->picture->height }}" class="coast" role="group"
 aria-label="All signup points by controller and place">
@foreach ($page->picture->bands as $band)
<text x="0" y="{{ $band->y + 22 }}" class="band">{{ $band->name }}</text>
@foreach ($band->tiles as $tile)
<a href="{{ $tile->link }}" aria-label="{{ $tile->says }}"><g transform="translate({{ $tile->x }} {{ $tile->y }})">
<rect width="{{ $tile->width }}" height="{{ $page->picture::TILE }}" @class(['tile', 'off' => $tile->state !== 'in force'])></rect>
<text x="34" y="22" class="named">{{ $tile->name }}</text>
<text x="12" y="40" class="placed-at">{{ $tile->place }}</text>
<text x="{{ $tile->width - 12 }}" y="22" text-anchor="end" class="placed-at">{{ $tile->state }}</text>
<rect x="12" y="50" width="{{ max(2, $tile->bar) }}" height="5" class="bar"></rect>
<g transform="translate(12 10)" class="{{ $tile->verdict }}">
@if ($tile->verdict === 'breach')<rect width="14" height="14" class="full"></rect>
@elseif ($tile->verdict === 'weakness')<rect width="14" height="14"></rect><rect width="7" height="14" class="full"></rect>
@elseif ($tile->verdict === 'open')<rect width="14" height="14"></rect>
@else<path d="M1 8l4 4 8-10"></path>@endif
</g></g></a>
@endforeach
@endforeach
</svg>
<p class="soft">A bar is as long as the sign-ups of thirty days are many.
Full square: a breach; half: a weakness; empty: something to do; tick: nothing found.</p>
