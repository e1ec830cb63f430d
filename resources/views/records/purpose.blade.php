<section>
<p class="sentence">A purpose of {{ $form->controller }}. It stands on <x-place.choice :of="$form->basis">.</x-place.choice>
 Opens and clicks of its mails are <x-place.choice :of="$form->measures">.</x-place.choice>
 Consent is asked for again after <x-place.choice :of="$form->refresh">;</x-place.choice>
 details are kept for <x-place.choice :of="$form->retention" /> after the last permission ended.</p>
</section>
<section><h2>In subscribers' words</h2>
<table class="asked"><caption>Words by language</caption>
<thead><tr><th scope="col">Language</th><th scope="col">It is called</th><th scope="col">What comes</th><th scope="col">How often</th></tr></thead>
<tbody>
@foreach ($form->languages as $lines)
<tr><td>{{ $lines->endonym }}</td>
<td><x-place.line :of="$lines->name" /></td><td><x-place.line :of="$lines->contents" /></td>
<td><x-place.line :of="$lines->rate" /></td></tr>
@endforeach
</tbody></table>
</section>
