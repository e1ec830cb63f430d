@php
use Juramen\Points\FieldKind;
use Juramen\Points\Sentences;
use Juramen\Register\Language;
$may = auth()->user()->can('change', App\Models\Point::class);
$id = fn (string $place): string => 'at-'.str_replace('/', '-', $place);
$numbers = [];
foreach ($judgement->notes as $note) {
    $numbers[Juramen\Audit\Note::placeKey($note->result->where ?? '')][] = $note;
}
$to = ['change' => route('points.change', $point->slug), 'judge' => route('points.judge', $point->slug)];
$marks = fn (string $place): array => $numbers[$place] ?? [];
$fieldNames = ['first-name' => 'first name', 'name' => 'name', 'email' => 'email', 'phone' => 'phone'];
@endphp
<div id="sheet-body" class="sheet-grid" hx-include="#base, #shown" hx-swap="none">
<input type="hidden" id="shown" name="shown" value="{{ $shown->value }}">
@include('points.state', ['oob' => false])
<fieldset class="page parts" @disabled(! $may)>
<legend class="sr-only">The sheet</legend>
@include('fields.conflicts', ['change' => $to['change']])

<section aria-labelledby="part-1"><h2 id="part-1"><span>1</span> Place and people</h2>
<div class="sentence">Stands at @include('fields.text', ['place' => 'place', 'value' => $sheet->place, 'label' => 'Where it stands'])
 and is
@include('fields.choice', ['place' => 'kind', 'value' => $sheet->kind->value, 'label' => 'Kind of form', 'options' => collect(Juramen\Points\FormKind::cases())->mapWithKeys(fn ($k) => [$k->value => (in_array($k->value[0], ['a', 'o']) ? 'an ' : 'a ').str_replace('-', ' ', $k->value).' form'])->all()]), answered for by <b>{{ rtrim($controller, '.') }}</b>.
Visitors come from @include('fields.several', ['place' => 'countries', 'label' => 'Countries', 'says' => $sheet->countries === [] ? 'nobody knows where' : Sentences::listed(array_map(Sentences::country(...), $sheet->countries)), 'chosen' => $sheet->countries, 'options' => Sentences::countries($sheet->countries)]) and read @include('fields.several', ['place' => 'languages', 'label' => 'Languages', 'says' => Sentences::listed(array_map(fn ($l) => $l->endonym(), $sheet->languages)), 'chosen' => array_map(fn ($l) => $l->value, $sheet->languages), 'options' => collect(Language::cases())->mapWithKeys(fn ($l) => [$l->value => $l->endonym()])->all()]).</div>
</section>

<section aria-labelledby="part-2"><h2 id="part-2"><span>2</span> What is asked</h2>
<table class="asked"><caption>Fields of the form</caption>
<thead><tr><th scope="col">Field</th><th scope="col">Must it be?</th><th scope="col">Why it is asked</th><th scope="col"><span class="sr-only">Order and removal</span></th></tr></thead>
<tbody>
@foreach ($sheet->fields as $i => $field)
<tr>
<td>{{ ucfirst($fieldNames[$field->kind->value]) }} @include('fields.numbers', ['notes' => $marks("fields/$i")])</td>
<td>@if ($field->kind === FieldKind::Email)required @else @include('fields.choice', ['place' => "fields/$i/required", 'value' => $field->required ? '1' : '0', 'label' => 'Must '.$fieldNames[$field->kind->value].' be given?', 'options' => ['1' => 'required', '0' => 'optional']])@endif</td>
<td>@include('fields.text', ['place' => "fields/$i/reason", 'value' => $field->reason, 'label' => 'Why '.$fieldNames[$field->kind->value].' is asked', 'empty' => 'no reason given'])</td>
<td class="line">
@if ($i > 0)<button type="button" class="plain" id="{{ $id("fields/$i") }}-up" hx-post="{{ $to['change'] }}" hx-vals='{"place":"fields/{{ $i }}/move","value":"up"}' aria-label="Move {{ $fieldNames[$field->kind->value] }} up">↑</button>@endif
@if ($i < count($sheet->fields) - 1)<button type="button" class="plain" id="{{ $id("fields/$i") }}-down" hx-post="{{ $to['change'] }}" hx-vals='{"place":"fields/{{ $i }}/move","value":"down"}' aria-label="Move {{ $fieldNames[$field->kind->value] }} down">↓</button>@endif
@if ($field->kind !== FieldKind::Email)<button type="button" class="plain" id="{{ $id("fields/$i") }}-remove" hx-post="{{ $to['change'] }}" hx-vals='{"place":"fields/{{ $i }}","value":""}' aria-label="Remove {{ $fieldNames[$field->kind->value] }}">Remove</button>@endif
</td>
</tr>
@endforeach
</tbody></table>
@php($free = array_diff(array_column(FieldKind::cases(), 'value'), array_map(fn ($f) => $f->kind->value, $sheet->fields)))
@if ($free !== [])<p class="sentence">Ask also for @include('fields.choice', ['place' => 'fields/add', 'value' => '', 'label' => 'Ask for another field', 'options' => ['' => 'nothing more'] + collect($free)->mapWithKeys(fn ($k) => [$k => $fieldNames[$k]])->all()]).</p>@endif
</section>

<section aria-labelledby="part-3"><h2 id="part-3"><span>3</span> What is agreed to</h2>
@foreach ($sheet->statements as $i => $statement)
<div class="agreed">
<p class="sentence">A tick box that starts empty asks for <b>{{ str_replace('-', ' ', $statement->purpose) }}</b> by {{ Sentences::listed(array_map(fn ($c) => $c->value, $statement->channels)) }}, in the words of <a href="{{ route('records.show', ['statement', $statement->id]) }}">{{ $statement->id }}</a>. @include('fields.numbers', ['notes' => array_merge($marks("statements/$i/texts"), $marks("statements/$i"))])
@if ($may)<span class="line">
@if ($i > 0)<button type="button" class="plain" id="{{ $id("statements/$i") }}-up" hx-post="{{ $to['change'] }}" hx-vals='{"place":"statements/{{ $i }}/move","value":"up"}' aria-label="Move {{ $statement->id }} up">↑</button>@endif
@if ($i < count($sheet->statements) - 1)<button type="button" class="plain" id="{{ $id("statements/$i") }}-down" hx-post="{{ $to['change'] }}" hx-vals='{"place":"statements/{{ $i }}/move","value":"down"}' aria-label="Move {{ $statement->id }} down">↓</button>@endif
@if (count($sheet->statements) > 1)<button type="button" class="plain" id="{{ $id("statements/$i") }}-remove" hx-post="{{ $to['change'] }}" hx-vals='{"place":"statements/{{ $i }}","value":""}' aria-label="Take {{ $statement->id }} off this sheet">Take off</button>@endif
</span>@endif</p>
@foreach ($sheet->languages as $language)
@if ($statement->texts->has($language))
<blockquote lang="{{ $language->value }}" class="as-read">{!! App\Support\Underlines::html(Juramen\Wording\Markup::words($statement->texts->in($language)), "statements/$i/texts/{$language->value}", $judgement->notes) !!}</blockquote>
@else
<p class="breach">Not written in {{ $language->endonym() }}.</p>
@endif
@endforeach
</div>
@endforeach
@php($others = array_diff(array_keys($registers->statements), array_map(fn ($s) => $s->id, $sheet->statements)))
@if ($others !== [])<p class="sentence">Ask also for @include('fields.choice', ['place' => 'statements/add', 'value' => '', 'label' => 'Ask for another statement', 'options' => ['' => 'nothing more'] + collect($others)->mapWithKeys(fn ($s) => [$s => $s])->all()]).</p>@endif
</section>

<section aria-labelledby="part-4"><h2 id="part-4"><span>4</span> How it is confirmed</h2>
<p class="sentence">@if ($sheet->rules->doubleOptIn)Whoever ticks gets a confirmation mail and has {{ Juramen\Register\Rule::LapseDays->says($sheet->rules->lapseDays) }} to press its button; we send {{ Juramen\Register\Rule::ReminderDays->says($sheet->rules->reminderDays) }}. Otherwise the address is deleted.@else Whoever ticks is signed up at once, and nobody confirms the address.@endif @include('fields.numbers', ['notes' => $marks('rules/double-opt-in')]) {{ ucfirst(Juramen\Register\Rule::KeepNetwork->says($sheet->rules->keepNetwork)) }}; {{ Juramen\Register\Rule::Screening->says($sheet->rules->screening) }}.</p>
@if ($sheet->asksByNumber())
<p class="sentence">What is agreed to by SMS, phone or messaging waits until the number itself is confirmed; there is no way to do that yet, so it is not permitted, and it does not lapse.</p>
@endif
@foreach ($sheet->unreachable() as $statement => $channels)
<p class="breach"><span class="shape breach" aria-hidden="true"></span> {{ $statement }} asks by {{ Sentences::listed(array_map(fn ($c) => $c->value, $channels)) }},
 and no field of this form takes what is reached by it. It cannot be published so.</p>
@endforeach
@include('points.holdings')
</section>

<section aria-labelledby="part-5"><h2 id="part-5"><span>5</span> What visitors read</h2>
@foreach (['title' => ['Title', $sheet->title], 'purpose-line' => ['Line under it', $sheet->purposeLine], 'button' => ['Button', $sheet->button]] as $place => [$what, $texts])
@if ($marks($place) !== [])<p class="line numbers">@include('fields.numbers', ['notes' => $marks($place)])</p>@endif
@foreach ($sheet->languages as $language)
@include('fields.words', ['place' => "$place/{$language->value}", 'value' => $texts->has($language) ? $texts->in($language) : '', 'label' => $what.', '.$language->endonym(), 'lang' => $language->value, 'rows' => 1])
@endforeach
@endforeach
@if ($sheet->notice !== null)
@if ($marks('notice') !== [])<p class="line numbers">@include('fields.numbers', ['notes' => $marks('notice')])</p>@endif
@foreach ($sheet->languages as $language)
@include('fields.words', ['place' => "notice/{$language->value}", 'value' => $sheet->notice->has($language) ? $sheet->notice->in($language) : '', 'label' => 'Link to the privacy notice, '.$language->endonym(), 'lang' => 'en', 'rows' => 1])
@endforeach
@else
<p class="sentence soft">The privacy notice is the controller's, in each language.</p>
@endif
</section>
</fieldset>
@include('points.proof', ['oob' => false])
@include('points.margin', ['oob' => false])
</div>
