<figure class="lifeline">
@include('evidence.drawn')
@include('evidence.drawn', ['drawing' => $drawing->narrow()])
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
