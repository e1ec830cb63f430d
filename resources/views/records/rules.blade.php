<section><h2>Every signup point</h2>
<p class="sentence">Whoever ticks <x-place.choice :of="$form->doubleOptIn" />@if ($form->confirms) and has <x-place.choice :of="$form->lapse" />
 to press its button; <x-place.choice :of="$form->reminder" />@endif. Whoever does not confirm is deleted.</p>
<p class="sentence">Submissions are <x-place.choice :of="$form->screening">;</x-place.choice> what is held is deleted after
<x-place.choice :of="$form->held">.</x-place.choice>
 What people send besides is deleted after <x-place.choice :of="$form->enquiry"
 />. Of the visitor we keep <x-place.choice :of="$form->network">.</x-place.choice>
 Gifts are <x-place.choice :of="$form->gifts">.</x-place.choice></p>
<div class="sentence">A form may lead people on to pages at <x-place.line :of="$form->hosts">,</x-place.line> and nowhere else.</div>
<div class="sentence">Every point offers at least <x-place.several :of="$form->languages" />.
 Where nobody knows where visitors come from, they get <x-place.choice :of="$form->unknown">.</x-place.choice></div>
</section>
<section><h2>How long</h2>
<p class="sentence">Consent is asked for again after
@foreach ($form->refresh as $each)<x-place.choice :of="$each->months" /> by {{ $each->channel }}{{ $loop->last ? '.' : ', ' }} @endforeach
Details of people whose last permission ended are kept for <x-place.choice :of="$form->withdrawn">.</x-place.choice></p>
</section>
<section><h2>Who decides</h2>
<p class="sentence">Forms are published, and whatever fills words that people read is approved, by <x-place.choice :of="$form->fourEyes">.</x-place.choice></p>
</section>
<section><h2>Children</h2>
<p class="sentence">A child consents alone from
<x-child-ages :of="$form->near" />
Never below what the country sets.</p>
<details><summary id="other-countries">In other countries</summary><p class="sentence">
<x-child-ages :of="$form->far" />
</p></details>
</section>
<section><h2>What the law of a place adds by itself</h2>
<table class="asked"><caption>Demands of each regime</caption>
<thead><tr><th scope="col">People in</th><th scope="col">Beyond the above</th><th scope="col">Source</th></tr></thead><tbody>
@foreach ($form->regimes as $row)
<tr><td>{{ $row->place }}</td><td>{{ $row->says }} <span class="soft">{{ $row->sets }}</span></td>
<td class="soft">{{ $row->source }}<br>{{ $row->sure }}</td></tr>
@endforeach
</tbody></table>
</section>
