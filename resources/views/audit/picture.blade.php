<svg @if ($alone ?? false) xmlns="http://www.w3.org/2000/svg" @endif width="460" height="{{ $picture->height }}" viewBox="0 0 460 {{ $picture->height }}"
 font-family="DejaVu Sans, sans-serif" font-size="11">
<rect x="0.5" y="0.5" width="459" height="{{ $picture->height - 1 }}" fill="#fffdf9" stroke="#d8d2c4"/>
@foreach ($picture->parts as $part)
@if ($part->shape === 'field')
@foreach ($part->lines as $n => $line)<text x="44" y="{{ $part->y + 11 + 15 * $n }}" fill="#1b2230">{{ $part->line($n) }}</text>
@endforeach
<rect x="44" y="{{ $part->y + 15 * count($part->lines) + 2 }}" width="280" height="20" fill="#ffffff" stroke="#535a68"/>
@else
<rect x="44" y="{{ $part->y + 1 }}" width="12" height="12" fill="#ffffff" stroke="#535a68"/>
@if ($part->shape === 'yes')<path d="M46.5 {{ $part->y + 7 }} L49.5 {{ $part->y + 10.5 }} L54 {{ $part->y + 3.5 }}" fill="none" stroke="#1b2230" stroke-width="2"/>
@elseif ($part->shape === 'no')<path d="M47 {{ $part->y + 7 }} L53 {{ $part->y + 7 }}" fill="none" stroke="#1b2230" stroke-width="2"/>@endif
@foreach ($part->lines as $n => $line)<text x="64" y="{{ $part->y + 11 + 15 * $n }}" fill="#1b2230">{{ $part->line($n) }}</text>
@endforeach
@endif
@if ($part->numbers !== [])<text x="8" y="{{ $part->y + 11 }}" fill="{{ $part->colour() }}" font-weight="bold">{{ $part->marked() }}</text>@endif
@endforeach
</svg>
