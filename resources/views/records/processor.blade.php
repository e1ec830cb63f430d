@php
use Juramen\Points\Sentences;
$countries = ['' => 'nobody has said where'] + Sentences::countries([$thing->country]);
$names = collect($registers->purposes)->map(fn ($p) => str_replace('-', ' ', $p->id))->all();
@endphp
<section>
<div class="sentence">@include('fields.text', ['place' => 'name', 'value' => $thing->name, 'label' => 'Name']) gets contact details of {{ $registers->controller($thing->controller)->name }} @include('fields.choice', ['place' => 'own', 'value' => $thing->own ? '1' : '0', 'label' => 'Whose use it is', 'options' => ['0' => 'and works for it under a contract', '1' => 'for its own use']]): it @include('fields.text', ['place' => 'does', 'value' => $thing->does, 'label' => 'What it does', 'empty' => 'does what?']). It gets those of @include('fields.several', ['place' => 'purposes', 'label' => 'Purposes', 'says' => Sentences::listed(array_map(fn ($p) => $names[$p] ?? $p, $thing->purposes)), 'chosen' => $thing->purposes, 'options' => $names]).</div>
<p class="sentence">The contract on record is @include('fields.text', ['place' => 'contract', 'value' => $thing->contract, 'label' => 'Contract', 'empty' => 'none']); it ends on <input type="date" class="inline-text" id="at-until" name="value" value="{{ $thing->until }}" aria-label="End of the contract" hx-post="{{ $to['change'] }}" hx-trigger="change" hx-vals='{"place":"until"}'>. The details are kept in @include('fields.choice', ['place' => 'country', 'value' => $thing->country, 'label' => 'Where the details are kept', 'options' => $countries]); the ground of a transfer there is @include('fields.text', ['place' => 'transfer', 'value' => $thing->transfer, 'label' => 'Ground of the transfer', 'empty' => 'none given']).</p>
</section>
