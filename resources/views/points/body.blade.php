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
$marks = fn (string $place): array => $numbers[$place] ?? [];
$fieldNames = ['first-name' => 'first name', 'name' => 'name', 'email' => 'email', 'phone' => 'phone'];
@endphp
<div id="sheet-body" class="sheet-grid" hx-include="#base, #shown" hx-swap="none">
<input type="hidden" id="shown" name="shown" value="{{ $shown->value }}">
@include('points.state', ['oob' => false])
<fieldset class="page parts" @disabled(! $may)>
<legend class="sr-only">The sheet</legend>
@foreach ($conflicts as $i => $conflict)
<div class="conflict" role="alert">
<p>You and somebody else changed the same place ({{ $conflict->place }}). Theirs is kept until you decide.</p>
<div><p class="soft">Theirs</p><blockquote>{{ is_scalar($conflict->theirs) ? $conflict->theirs : json_encode($conflict->theirs) }}</blockquote></div>
<div><p class="soft">Yours</p><blockquote>{{ is_scalar($conflict->mine) ? $conflict->mine : json_encode($conflict->mine) }}</blockquote>
@if (is_string($conflict->mine))<button type="button" hx-post="{{ route('points.change', $point->slug) }}" hx-vals="{{ json_encode(['place' => $conflict->place, 'value' => $conflict->mine]) }}">Use mine</button>@endif</div>
</div>
@endforeach
@if ($news !== '')<p class="said" role="status">{{ $news }}</p>@endif

<section aria-labelledby="part-1"><h2 id="part-1"><span>1</span> Place and people</h2>
<p class="sentence">Stands at @include('points.text', ['place' => 'place', 'value' => $sheet->place, 'label' => 'Where it stands'])
 and is
@include('points.choice', ['place' => 'kind', 'value' => $sheet->kind->value, 'label' => 'Kind of form', 'options' => collect(Juramen\Points\FormKind::cases())->mapWithKeys(fn ($k) => [$k->value => (in_array($k->value[0], ['a', 'o']) ? 'an ' : 'a ').str_replace('-', ' ', $k->value).' form'])->all()]), answered for by <b>{{ $controller }}</b>.
Visitors come from @include('points.several', ['place' => 'countries', 'label' => 'Countries', 'says' => $sheet->countries === [] ? 'nobody knows where' : Sentences::listed(array_map(Sentences::country(...), $sheet->countries)), 'chosen' => $sheet->countries, 'options' => collect(['AT', 'CA', 'DE', 'DK', 'FR', 'GB', 'SE'])->mapWithKeys(fn ($c) => [$c => Sentences::country($c)])->all()]) and read @include('points.several', ['place' => 'languages', 'label' => 'Languages', 'says' => Sentences::listed(array_map(fn ($l) => $l->endonym(), $sheet->languages)), 'chosen' => array_map(fn ($l) => $l->value, $sheet->languages), 'options' => collect(Language::cases())->mapWithKeys(fn ($l) => [$l->value => $l->endonym()])->all()]).</p>
</section>

<section aria-labelledby="part-2"><h2 id="part-2"><span>2</span> What is asked</h2>
<table class="asked"><caption>Fields of the form</caption>
<thead><tr><th scope="col">Field</th><th scope="col">Must it be?</th><th scope="col">Why it is asked</th><th scope="col"><span class="sr-only">Order and removal</span></th></tr></thead>
<tbody>
@foreach ($sheet->fields as $i => $field)
<tr>
<td>{{ ucfirst($fieldNames[$field->kind->value]) }} @include('points.numbers', ['notes' => $marks("fields/$i")])</td>
<td>@if ($field->kind === FieldKind::Email)required @else @include('points.choice', ['place' => "fields/$i/required", 'value' => $field->required ? '1' : '0', 'label' => 'Must '.$fieldNames[$field->kind->value].' be given?', 'options' => ['1' => 'required', '0' => 'optional']])@endif</td>
<td>@include('points.text', ['place' => "fields/$i/reason", 'value' => $field->reason, 'label' => 'Why '.$fieldNames[$field->kind->value].' is asked', 'empty' => 'no reason given'])</td>
<td class="line">
@if ($i > 0)<button type="button" class="plain" id="{{ $id("fields/$i") }}-up" hx-post="{{ route('points.change', $point->slug) }}" hx-vals='{"place":"fields/{{ $i }}/move","value":"up"}' aria-label="Move {{ $fieldNames[$field->kind->value] }} up">↑</button>@endif
@if ($i < count($sheet->fields) - 1)<button type="button" class="plain" id="{{ $id("fields/$i") }}-down" hx-post="{{ route('points.change', $point->slug) }}" hx-vals='{"place":"fields/{{ $i }}/move","value":"down"}' aria-label="Move {{ $fieldNames[$field->kind->value] }} down">↓</button>@endif
@if ($field->kind !== FieldKind::Email)<button type="button" class="plain" id="{{ $id("fields/$i") }}-remove" hx-post="{{ route('points.change', $point->slug) }}" hx-vals='{"place":"fields/{{ $i }}","value":""}' aria-label="Remove {{ $fieldNames[$field->kind->value] }}">Remove</button>@endif
</td>
</tr>
@endforeach
</tbody></table>
@php($free = array_diff(array_column(FieldKind::cases(), 'value'), array_map(fn ($f) => $f->kind->value, $sheet->fields)))
@if ($free !== [])<p class="sentence">Ask also for @include('points.choice', ['place' => 'fields/add', 'value' => '', 'label' => 'Ask for another field', 'options' => ['' => 'nothing more'] + collect($free)->mapWithKeys(fn ($k) => [$k => $fieldNames[$k]])->all()]).</p>@endif
</section>

<section aria-labelledby="part-3"><h2 id="part-3"><span>3</span> What is agreed to</h2>
@foreach ($sheet->statements as $i => $statement)
<p class="sentence">A tick box that starts empty asks for <b>{{ str_replace('-', ' ', $statement->purpose) }}</b> by {{ Sentences::listed(array_map(fn ($c) => $c->value, $statement->channels)) }}. @include('points.numbers', ['notes' => $marks("statements/$i/texts")])</p>
@foreach ($sheet->languages as $language)
@include('points.words', ['place' => "statements/$i/texts/{$language->value}", 'value' => $statement->texts->has($language) ? $statement->texts->in($language) : '', 'label' => 'Statement, '.$language->endonym(), 'lang' => $language->value, 'rows' => 1])
@endforeach
@endforeach
</section>

<section aria-labelledby="part-4"><h2 id="part-4"><span>4</span> How it is confirmed</h2>
<p class="sentence">Whoever ticks @include('points.choice', ['place' => 'rules/double-opt-in', 'value' => $sheet->rules->doubleOptIn ? '1' : '0', 'label' => 'What happens to whoever ticks', 'options' => ['1' => 'gets a confirmation mail', '0' => 'is signed up at once']])
@if ($sheet->rules->doubleOptIn) and has @include('points.choice', ['place' => 'rules/lapse-days', 'value' => (string) $sheet->rules->lapseDays, 'label' => 'Days to confirm', 'options' => collect([1, 2, 3, 5, 7, 10, 14, 21, 30])->push($sheet->rules->lapseDays)->unique()->sort()->mapWithKeys(fn ($d) => [(string) $d => $d === 1 ? '1 day' : "$d days"])->all()]) to press its button. Otherwise the address is deleted.@else, and nobody confirms the address.@endif
 @include('points.numbers', ['notes' => $marks('rules/double-opt-in')])
With the consent we keep @include('points.choice', ['place' => 'rules/keep-network', 'value' => $sheet->rules->keepNetwork ? '1' : '0', 'label' => 'What is kept of the visitor', 'options' => ['1' => 'a truncated network address', '0' => 'nothing of the visitor']]).</p>
</section>

<section aria-labelledby="part-5"><h2 id="part-5"><span>5</span> What visitors read</h2>
@foreach (['title' => ['Title', $sheet->title], 'purpose-line' => ['Line under it', $sheet->purposeLine], 'button' => ['Button', $sheet->button]] as $place => [$what, $texts])
@foreach ($sheet->languages as $language)
@include('points.words', ['place' => "$place/{$language->value}", 'value' => $texts->has($language) ? $texts->in($language) : '', 'label' => $what.', '.$language->endonym(), 'lang' => $language->value, 'rows' => 1])
@endforeach
@endforeach
@if ($sheet->notice !== null)
@foreach ($sheet->languages as $language)
@include('points.words', ['place' => "notice/{$language->value}", 'value' => $sheet->notice->has($language) ? $sheet->notice->in($language) : '', 'label' => 'Link to the privacy notice, '.$language->endonym(), 'lang' => 'en', 'rows' => 1])
@endforeach
@else
<p class="sentence soft">The privacy notice is the controller's, in each language.</p>
@endif
</section>
</fieldset>
@include('points.proof', ['oob' => false])
@include('points.margin', ['oob' => false])
</div>
