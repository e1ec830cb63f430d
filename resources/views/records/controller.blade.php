@php
use Juramen\Points\Sentences;
use Juramen\Register\Language;
$countries = ['' => 'nobody has said where'] + Sentences::countries([$thing->country]);
$contrast = App\Support\HouseLook::contrast($thing->accent);
@endphp
<section><h2>Who it is</h2>
<p class="sentence">@include('fields.text', ['place' => 'name', 'value' => $thing->name, 'label' => 'Name']) answers for its signup points. Its address is @include('fields.text', ['place' => 'postal-address', 'value' => $thing->postalAddress, 'label' => 'Postal address']), in @include('fields.choice', ['place' => 'country', 'value' => $thing->country, 'label' => 'Country', 'options' => $countries]). People reach it at @include('fields.text', ['place' => 'contact', 'value' => $thing->contact, 'label' => 'Contact']); its data protection officer at @include('fields.text', ['place' => 'dpo', 'value' => $thing->dpo, 'label' => 'Data protection officer', 'empty' => 'nobody named']). Where it has no seat in the EU or the UK it is represented by @include('fields.text', ['place' => 'representative', 'value' => $thing->representative, 'label' => 'Representative', 'empty' => 'nobody named']).</p>
</section>
<section><h2>House look</h2>
<p class="sentence">Buttons and links of its forms are <input type="color" class="swatch" id="at-accent" name="value" value="{{ $thing->accent }}" aria-label="Colour of buttons and links" hx-post="{{ $to['change'] }}" hx-trigger="change" hx-vals='{"place":"accent"}'> <span class="mono">{{ $thing->accent }}</span>; white on it has a contrast of {{ number_format($contrast, 1) }} to 1, which is @if ($contrast >= 4.5)<span class="met">enough</span>@else<span class="breach">too little: 4.5 is needed</span>@endif. Mails come from @include('fields.text', ['place' => 'sender', 'value' => $thing->sender, 'label' => 'Sender of mails']).</p>
</section>
<section><h2>Privacy notice</h2>
<p class="soft">The link stands on every form. Where the text is kept here too, statements are compared with it.</p>
@foreach (Language::cases() as $language)
<div class="notice">
<p class="sentence">{{ $language->endonym() }}: @include('fields.text', ['place' => 'notice/'.$language->value, 'value' => $document['notice'][$language->value] ?? '', 'label' => 'Link to the notice, '.$language->endonym(), 'empty' => 'no link'])</p>
<details @if (($document['notice-text'][$language->value] ?? '') !== '') open @endif><summary>Its text in {{ $language->endonym() }}</summary>
<textarea class="long" id="at-notice-text-{{ $language->value }}" name="value" lang="{{ $language->value }}" rows="5" aria-label="Text of the notice, {{ $language->endonym() }}" hx-post="{{ $to['change'] }}" hx-trigger="change" hx-vals='{"place":"notice-text/{{ $language->value }}"}'>{{ $document['notice-text'][$language->value] ?? '' }}</textarea></details>
</div>
@endforeach
</section>
