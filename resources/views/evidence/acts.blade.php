<div id="acts" @if ($oob) hx-swap-oob="true" @endif>
<table>
<caption>Acts, in order</caption>
<thead><tr>
<th scope="col" class="figure">No.</th><th scope="col">When</th><th scope="col">What</th><th scope="col">Edition</th><th scope="col">SHA-256</th>
</tr></thead>
<tbody>
@foreach ($page->acts as $act)
<tr @if ($act->chosen) class="chosen" aria-current="true" @endif>
<td class="figure">{{ $act->number }}</td>
<td class="line">{{ $act->when }}@if ($act->recorded !== '')<br><span class="soft">{{ $act->recorded }}</span>@endif</td>
<td><a href="{{ $act->link }}"><b>{{ $act->what }}</b></a> {{ $act->targets }}<br><span class="soft">{{ $act->how }}</span></td>
<td>{{ $act->edition }}</td>
<td class="mono line">{{ $act->digest }}</td>
</tr>
@endforeach
</tbody>
</table>
</div>
