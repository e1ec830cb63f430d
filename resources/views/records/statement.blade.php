@php
use Juramen\Points\Sentences;
use Juramen\Register\Channel;
use Juramen\Register\Language;
$written = array_keys($document['texts'] ?? []);
$free = array_values(array_filter(Language::cases(), fn ($l) => ! in_array($l->value, $written, true)));
$name = fn ($p) => $p->names->has(Language::English) ? $p->names->in(Language::English) : str_replace('-', ' ', $p->id);
@endphp
<section>
<div class="sentence">{{ $registers->controller($registers->purpose($thing->purpose)->controller)->name }} asks for @include('fields.choice', ['place' => 'purpose', 'value' => $thing->purpose, 'label' => 'Purpose', 'options' => collect($registers->purposes)->map($name)->all()]) by @include('fields.several', ['place' => 'channels', 'label' => 'Channels', 'says' => Sentences::listed(array_map(fn ($c) => $c->value, $thing->channels)), 'chosen' => array_map(fn ($c) => $c->value, $thing->channels), 'options' => collect(Channel::cases())->mapWithKeys(fn ($c) => [$c->value => $c->value])->all()]).</div>
<div class="side-by-side">
@foreach ($written as $tag)
@php($language = Language::from($tag))
<div>
@include('fields.words', ['place' => "texts/$tag", 'value' => $document['texts'][$tag], 'label' => $language->endonym(), 'lang' => $tag, 'rows' => 3])
<p class="line numbers">@include('fields.numbers', ['notes' => $marks("texts/$tag")])
@if ($may && count($written) > 1)<button type="button" class="plain" id="remove-{{ $tag }}" hx-post="{{ $to['change'] }}" hx-vals='{"place":"texts/{{ $tag }}","away":"1"}'>Remove {{ $language->endonym() }}</button>@endif</p>
@include('records.reads', ['oob' => false])
</div>
@endforeach
</div>
@if ($may && $free !== [])
<p class="sentence">Write it also in
@foreach ($free as $language)<button type="button" class="plain" id="add-{{ $language->value }}" hx-post="{{ $to['change'] }}" hx-vals='{"place":"texts/{{ $language->value }}","value":"","anew":"1"}'>{{ $language->endonym() }}</button> @endforeach</p>
@endif
</section>
