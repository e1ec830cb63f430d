@php($across = count($grid->columns))
<svg xmlns="http://www.w3.org/2000/svg" width="{{ 260 + 30 * $across + 120 }}" height="{{ 150 + 20 * count($grid->rows) }}"
 viewBox="0 0 {{ 260 + 30 * $across + 120 }} {{ 150 + 20 * count($grid->rows) }}" font-family="Public Sans, sans-serif" font-size="12" role="img">
<title>Forms by requirements</title>
<rect width="100%" height="100%" fill="#fffdf9"/>
@foreach ($grid->columns as $i => $column)<text transform="translate({{ 275 + 30 * $i }} 135) rotate(-40)" fill="#1b2230">{{ $column->name }}</text>
@endforeach
@foreach ($grid->rows as $y => $row)
<text x="10" y="{{ 159 + 20 * $y }}" fill="#1b2230">{{ $row->head->name }}</text>
<line x1="10" x2="{{ 260 + 30 * $across }}" y1="{{ 165 + 20 * $y }}" y2="{{ 165 + 20 * $y }}" stroke="#d8d2c4"/>
@foreach ($row->cells as $x => $cell)
<g transform="translate({{ 270 + 30 * $x }} {{ 150 + 20 * $y }})"><title>{{ $cell->says }}</title>
@switch($cell->shape())
@case('breach')<rect width="10" height="10" fill="#8e1b2e"/>@break
@case('weakness')<rect x=".5" y=".5" width="9" height="9" fill="none" stroke="#855600"/><rect width="5" height="10" fill="#855600"/>@break
@case('open')<rect x=".5" y=".5" width="9" height="9" fill="none" stroke="#535a68"/>@break
@case('met')<path d="M1 5.5 4 9 9 1" fill="none" stroke="#2c6638" stroke-width="1.5"/>@break
@case('not-applicable')<path d="M2 5H8" stroke="#8a8fa0"/>@break
@endswitch
</g>
@endforeach
@endforeach
</svg>
