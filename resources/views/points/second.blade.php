<details class="after" @if ($second->isOpen) open @endif><summary id="second">Other words for half of the visitors</summary>
<p class="soft">Whoever opens the form is shown the first words or these, by chance and with nothing kept on their device; what is asked and agreed to
 is the same. What is left empty is as in the first. Which of the two more people confirm after is shown under “how it goes”.
 <b>{{ $second->says }}</b></p>
<table class="asked"><caption>Words of the second version</caption>
<tbody>
@foreach ($second->rows as $row)
<tr><td>{{ $row->label }} <x-place.marks :of="$row->marks" :at="$row->at" /></td>
<td>@foreach ($row->lines as $line)<p class="sentence"><x-place.line :of="$line" /></p>@endforeach</td></tr>
@endforeach
</tbody></table>
</details>
