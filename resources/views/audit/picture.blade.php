<svg @if ($alone ?? false) xmlns="http://www.w3.org/2000/svg" @endif width="500" height="{{ $picture->height }}" viewBox="0 0 500 {{ $picture->height }}"
 font-family="DejaVu Sans" font-size="11">
<rect x="0.5" y="0.5" width="499" height="{{ $picture->height - 1 }}" fill="#fffdf9" stroke="#d8d2c4"/>
@foreach ($picture->parts as $part)
@if ($part->shape === 'field')
@foreach ($part->lines as $n => $line)<text x="84" y="{{ $part->y + 11 + 15 * $n }}" fill="#1b2230">{{ $part->line($n) }}</text>
@endforeach
<rect x="84" y="{{ $part->y + 15 * count($part->lines) + 2 }}" width="280" height="20" fill="#ffffff" stroke="#535a68"/>
@elseif ($part->shape === 'button')
<rect x="84" y="{{ $part->y }}" width="{{ $part->width() }}" height="{{ 15 * count($part->lines) + 8 }}" rx="3" fill="#f1eee6" stroke="#535a68"/>
@foreach ($part->lines as $n => $line)<text x="96" y="{{ $part->y + 15 + 15 * $n }}" fill="#1b2230">{{ $part->line($n) }}</text>
@endforeach
@elseif ($part->shape === 'words')
@foreach ($part->lines as $n => $line)<text x="84" y="{{ $part->y + 11 + 15 * $n }}" fill="#1b2230">{{ $part->line($n) }}</text>
@endforeach
@else
<rect x="84" y="{{ $part->y + 1 }}" width="12" height="12" fill="#ffffff" stroke="#535a68"/>
@if ($part->shape === 'yes')<path d="M86.5 {{ $part->y + 7 }} L89.5 {{ $part->y + 10.5 }} L94 {{ $part->y + 3.5 }}" fill="none" stroke="#1b2230" stroke-width="2"/>
@elseif ($part->shape === 'no')<path d="M87 {{ $part->y + 7 }} L93 {{ $part->y + 7 }}" fill="none" stroke="#1b2230" stroke-width="2"/>@endif
@foreach ($part->lines as $n => $line)<text x="104" y="{{ $part->y + 11 + 15 * $n }}" fill="#1b2230">{{ $part->line($n) }}</text>
@endforeach
@endif
@if ($part->numbers !== [])<text x="8" y="{{ $part->y + 11 }}" fill="{{ $part->colour() }}" font-weight="bold">{{ $part->marked() }}</text>@endif
@endforeach
</svg>
