<section>
<div class="sentence"><x-place.line :of="$form->name" /> is a list of {{ $form->controller }} for <x-place.choice :of="$form->purpose" /> by
 <x-place.choice :of="$form->channel">.</x-place.choice></div>
<div class="sentence">Whoever says yes to <x-place.several :of="$form->statements" />, at <x-place.several :of="$form->points" />, in
 <x-place.several :of="$form->languages" />, comes onto it <x-place.choice :of="$form->confirmed">;</x-place.choice> whoever withdraws leaves it at once.</div>
</section>
<section><h2>What subscribers know it as</h2>
<p class="soft">Where nothing is written, it is called as its purpose is. The name above stays in the office.</p>
<table class="asked"><caption>Names by language</caption>
<thead><tr><th scope="col">Language</th><th scope="col">It is called</th></tr></thead>
<tbody>@foreach ($form->publicNames as $line)<tr><td>{{ $line->label }}</td><td><x-place.line :of="$line" /></td></tr>@endforeach</tbody></table>
</section>
