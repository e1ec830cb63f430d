<h2>{{ $title }}</h2>
<table><caption class="sr-only">{{ $title }}</caption>
<tbody>@foreach ($lines as $line)
<tr><td>{{ $line->name }}</td><td class="figure">@include('points.flow-count', ['count' => $line->count, 'link' => $line->link])</td>
<td class="soft">{{ $line->share }}</td></tr>
@endforeach</tbody></table>
