@php
use Juramen\Points\Sentences;
use Juramen\Register\Language;
use Juramen\Register\Regime;
$days = fn (array $some, int $now, string $none = '') => collect($some)->push($now)->unique()->sort()->mapWithKeys(fn ($d) => [(string) $d => match (true) { $d === 0 => $none, $d === 1 => '1 day', $d === 365 => '1 year', $d % 365 === 0 => ($d / 365).' years', default => "$d days" }])->all();
$months = fn (int $now) => collect([6, 12, 18, 24, 36, 48, 60])->push($now)->unique()->sort()->mapWithKeys(fn ($m) => [(string) $m => "$m months"])->all();
$p = $thing->points;
@endphp
<section><h2>Every signup point</h2>
<p class="sentence">Whoever ticks @include('fields.choice', ['place' => 'double-opt-in', 'value' => $p->doubleOptIn ? '1' : '0', 'label' => 'What happens to whoever ticks', 'options' => ['1' => 'gets a confirmation mail', '0' => 'is signed up at once']])@if ($p->doubleOptIn) and has @include('fields.choice', ['place' => 'lapse-days', 'value' => (string) $p->lapseDays, 'label' => 'Days to confirm', 'options' => $days([1, 2, 3, 5, 7, 10, 14, 21, 30], $p->lapseDays)]) to press its button; @include('fields.choice', ['place' => 'reminder-days', 'value' => (string) $p->reminderDays, 'label' => 'Reminder', 'options' => ['0' => 'nobody is reminded'] + collect([1, 2, 3, 4, 5])->push($p->reminderDays)->filter()->unique()->sort()->mapWithKeys(fn ($d) => [(string) $d => 'we remind once after '.($d === 1 ? '1 day' : "$d days")])->all()])@endif. Whoever does not confirm is deleted.</p>
<p class="sentence">Submissions are @include('fields.choice', ['place' => 'screening', 'value' => $p->screening ? '1' : '0', 'label' => 'Screening', 'options' => ['1' => 'screened', '0' => 'not screened']]); what is held is deleted after @include('fields.choice', ['place' => 'retention-days/held', 'value' => (string) $thing->retentionDays['held'], 'label' => 'Days for held submissions', 'options' => $days([3, 7, 14, 21, 30], $thing->retentionDays['held'])]). What people send besides is deleted after @include('fields.choice', ['place' => 'retention-days/enquiry', 'value' => (string) $thing->retentionDays['enquiry'], 'label' => 'Days for enquiries', 'options' => $days([30, 90, 180, 365, 730], $thing->retentionDays['enquiry'])]). Of the visitor we keep @include('fields.choice', ['place' => 'keep-network', 'value' => $p->keepNetwork ? '1' : '0', 'label' => 'What is kept of the visitor', 'options' => ['1' => 'a truncated network address', '0' => 'nothing']]).</p>
<div class="sentence">Every point offers at least @include('fields.several', ['place' => 'languages', 'label' => 'Languages demanded', 'says' => $thing->languages === [] ? 'whatever language its sheet says' : Sentences::listed(array_map(fn ($l) => $l->endonym(), $thing->languages)), 'chosen' => array_map(fn ($l) => $l->value, $thing->languages), 'options' => collect(Language::cases())->mapWithKeys(fn ($l) => [$l->value => $l->endonym()])->all()]). Where nobody knows where visitors come from, they get @include('fields.choice', ['place' => 'unknown-is-strict', 'value' => $thing->unknownIsStrict ? '1' : '0', 'label' => 'Unknown regions', 'options' => ['1' => 'what the strictest place demands', '0' => 'what the house says, whatever their own law']]).</div>
</section>
<section><h2>How long</h2>
<p class="sentence">Consent is asked for again after @foreach ($thing->refreshMonths as $channel => $n)@include('fields.choice', ['place' => "refresh-months/$channel", 'value' => (string) $n, 'label' => "Refresh period by $channel", 'options' => $months($n)]) by {{ $channel }}{{ $loop->last ? '.' : ', ' }} @endforeach Details of people whose last permission ended are kept for @include('fields.choice', ['place' => 'retention-days/withdrawn', 'value' => (string) $thing->retentionDays['withdrawn'], 'label' => 'Days after the last permission', 'options' => $days([180, 365, 730, 1095, 1825], $thing->retentionDays['withdrawn'])]).</p>
</section>
<section><h2>Who decides</h2>
<p class="sentence">Forms are published, and whatever fills words that people read is approved, by @include('fields.choice', ['place' => 'four-eyes', 'value' => $thing->fourEyes ? '1' : '0', 'label' => 'Four eyes', 'options' => ['1' => 'somebody who did not write them', '0' => 'any officer, their own drafts too']]).</p>
</section>
<section><h2>Children</h2>
@php
$ages = Sentences::countries();
$near = array_intersect_key($ages, array_flip($asked));
@endphp
<p class="sentence">A child consents alone from @foreach ($near as $country => $called)@include('fields.choice', ['place' => "child-ages/$country", 'value' => (string) $thing->childAge($country), 'label' => 'Age in '.$called, 'options' => collect(range(Regime::childAge($country), 18))->mapWithKeys(fn ($a) => [(string) $a => (string) $a])->all()]) in {{ $called }}{{ $loop->last ? '.' : ', ' }} @endforeach Never below what the country sets.</p>
<details><summary>In other countries</summary><p class="sentence">@foreach (array_diff_key($ages, $near) as $country => $called)@include('fields.choice', ['place' => "child-ages/$country", 'value' => (string) $thing->childAge($country), 'label' => 'Age in '.$called, 'options' => collect(range(Regime::childAge($country), 18))->mapWithKeys(fn ($a) => [(string) $a => (string) $a])->all()]) in {{ $called }}{{ $loop->last ? '.' : ', ' }} @endforeach</p></details>
</section>
<section><h2>What the law of a place adds by itself</h2>
<table class="asked"><caption>Demands of each regime</caption><thead><tr><th scope="col">People in</th><th scope="col">Beyond the above</th><th scope="col">Source</th></tr></thead><tbody>
@foreach (Regime::cases() as $regime)
@foreach ($regime->demands() as $demand)
<tr><td>{{ $loop->first ? ucfirst($regime->name()) : '' }}</td><td>{{ $demand->says }}@if ($demand->rule) <span class="soft">Sets {{ strtolower($demand->rule->title()) }}.</span>@endif</td><td class="soft">{{ $demand->source }}<br>{{ $demand->sure }}</td></tr>
@endforeach
@endforeach
</tbody></table>
</section>
