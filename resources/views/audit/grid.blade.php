@props(['grid', 'filled' => true])
{{-- Of thousands of cells each is written here: a component for each of them would take half the time of the page. --}}
@php
[$form, $requirement] = [request('form'), request('requirement')];
$to = request()->fullUrlWithQuery(['form' => null, 'requirement' => null]);
$to .= str_contains($to, '?') ? '&' : '?';
@endphp
<div class="grid-scroll" tabindex="0" role="region" aria-label="Forms by requirements">
<table @class(['audit-grid', 'across' => $grid->formsAcross])>
<caption>Forms by requirements</caption>
<thead><tr>
@if ($grid->formsAcross)<td class="group"></td>@endif<td></td>
@foreach ($grid->columns as $column)
<th scope="col" class="slant"><span>@if ($filled && $column->form)<a title="{{ $column->about }}"
 href="{{ request()->fullUrlWithQuery(['form' => $column->form, 'requirement' => null]) }}">{{ $column->name }}</a>@elseif ($column->requirement)<a
 title="{{ $column->about }}" href="{{ route('requirement', $column->requirement) }}">{{ $column->name }}</a>@else{{ $column->name }}@endif</span></th>
@endforeach
</tr></thead>
<tbody>
@foreach ($grid->rows as $row)
<tr @class(['first' => $row->head->group !== ''])>
@if ($grid->formsAcross)<td class="group soft">{{ $row->head->group }}</td>@endif
<th scope="row">@if ($row->head->requirement)<a title="{{ $row->head->about }}"
 href="{{ route('requirement', $row->head->requirement) }}">{{ $row->head->name }}</a>
@elseif ($filled)<a title="{{ $row->head->about }}"
 href="{{ request()->fullUrlWithQuery(['form' => $row->head->form, 'requirement' => null]) }}">{{ $row->head->name }}</a>@else{{ $row->head->name }}@endif</th>
@foreach ($row->cells as $cell)
<td @class(['cell', 'answered' => $cell->answered, 'at' => $cell->isAt($form, $requirement)])>
@if ($filled && $cell->isFinding())<a href="{{ $to.$cell->query() }}"
 data-cell><span class="shape {{ $cell->shape() }}" role="img" aria-label="{{ $cell->says }}"></span></a>
@else<span class="shape {{ $cell->shape() }}" role="img" aria-label="{{ $cell->says }}"></span>@endif
</td>
@endforeach
</tr>
@endforeach
</tbody>
</table>
</div>
