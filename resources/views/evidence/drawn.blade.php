@php($size = $drawing->size->value)
<svg viewBox="0 0 {{ $drawing->size->width() }} {{ $drawing->height() }}" class="in-{{ $size }}" data-lifeline
 data-left="{{ $drawing->size->left() }}" data-right="{{ $drawing->size->right() }}"
 data-begin="{{ $drawing->begin }}" data-end="{{ $drawing->end }}" data-step="{{ $drawing->zoom->step() }}"
 role="group" aria-label="Permissions over time">
<defs><pattern id="hatched-{{ $size }}" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
<rect width="6" height="6" class="hatch-ground"/><path d="M0 0V6" class="hatch-line"/></pattern></defs>
@foreach ($drawing->ticks() as $tick)
<path d="M{{ $tick->x }} 8V{{ $drawing->height() - 30 }}" class="grid-line"/>
<text x="{{ $tick->x }}" y="{{ $drawing->height() - 12 }}" class="tick" text-anchor="{{ $tick->anchor }}">{{ $tick->text }}</text>
@endforeach
@foreach ($drawing->lines as $line)
@if ($drawing->size === App\Pages\Evidence\DrawingSize::Wide)
<text x="0" y="{{ $line->y + 12 }}">{{ $line->purpose }}</text><text x="0" y="{{ $line->y + 27 }}" class="tick">{{ $line->channel }}</text>
@else
<text x="{{ $drawing->size->left() }}" y="{{ $line->y - 7 }}">{{ $line->purpose }}<tspan class="tick"> by {{ $line->channel }}</tspan></text>
@endif
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
<g id="cursor-{{ $size }}" class="cursor" tabindex="0" role="slider" aria-label="The question's date" aria-valuemin="{{ $drawing->begin }}"
 aria-valuemax="{{ $drawing->end }}" aria-valuenow="{{ $drawing->cursorSeconds() }}" aria-valuetext="{{ $drawing->cursorSays() }}"
 transform="translate({{ $drawing->cursorAt() }} 0)"><path d="M0 6V{{ $drawing->height() - 30 }}"/><circle r="5" cy="6"/></g>
</svg>
