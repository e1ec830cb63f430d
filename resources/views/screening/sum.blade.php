<table class="sum"><caption class="{{ $hidden ? 'sr-only' : '' }}">What was noticed, and how much each adds</caption>
<tbody>
@foreach ($sum as $line)
<tr><th scope="row">{{ $line->says }}</th><td class="figure">{{ $line->part }}</td>
<td><svg width="92" height="10" aria-hidden="true"><rect width="{{ $line->wide }}" height="10"
 class="{{ $line->speaksFor ? 'weighs-for' : 'weighs' }}"/></svg></td></tr>
@endforeach
</tbody></table>
