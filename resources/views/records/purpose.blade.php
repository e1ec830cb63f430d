@php
use Juramen\Register\Language;
use Juramen\Register\LegalBasis;
$months = fn (array $some, int $now) => collect($some)->push($now)->unique()->sort()->mapWithKeys(fn ($m) => [(string) $m => $m === 0 ? '…' : "$m months"])->all();
@endphp
<section>
<p class="sentence">A purpose of {{ $registers->controller($thing->controller)->name }}. It stands on @include('fields.choice', ['place' => 'basis', 'value' => $thing->basis->value, 'label' => 'Legal basis', 'options' => collect(LegalBasis::cases())->mapWithKeys(fn ($b) => [$b->value => $b->says()])->all()]). Opens and clicks of its mails are @include('fields.choice', ['place' => 'measures', 'value' => $thing->measures ? '1' : '0', 'label' => 'Are opens and clicks measured?', 'options' => ['0' => 'not measured', '1' => 'measured']]). Consent is asked for again after @include('fields.choice', ['place' => 'refresh-months', 'value' => (string) $thing->refreshMonths, 'label' => 'Refresh period', 'options' => ['0' => 'the time that the house sets'] + $months([6, 12, 18, 24, 36], max(6, $thing->refreshMonths))]); details are kept for @include('fields.choice', ['place' => 'retention-months', 'value' => (string) $thing->retentionMonths, 'label' => 'Retention', 'options' => ['0' => 'the time that the house sets'] + $months([6, 12, 24, 36, 60], max(6, $thing->retentionMonths))]) after the last permission ended.</p>
</section>
<section><h2>In subscribers' words</h2>
<table class="asked"><caption>Words by language</caption>
<thead><tr><th scope="col">Language</th><th scope="col">It is called</th><th scope="col">What comes</th><th scope="col">How often</th></tr></thead>
<tbody>
@foreach (Language::cases() as $language)
<tr><td>{{ $language->endonym() }}</td>
@foreach (['names' => ['It is called', 'no name'], 'contents' => ['What comes', 'not said'], 'rates' => ['How often', 'not said']] as $key => [$label, $empty])
<td>@include('fields.text', ['place' => "$key/{$language->value}", 'value' => $document[$key][$language->value] ?? '', 'label' => "$label, {$language->endonym()}", 'empty' => $empty])</td>
@endforeach
</tr>
@endforeach
</tbody></table>
</section>
