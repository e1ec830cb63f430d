<section><h2>Who it is</h2>
<p class="sentence"><x-place.line :of="$form->name" /> is responsible for its signup points. Its address is <x-place.line :of="$form->address">,</x-place.line>
 in <x-place.choice :of="$form->country">.</x-place.choice> People reach it at <x-place.line :of="$form->contact">;</x-place.line>
 its data protection officer at <x-place.line :of="$form->dpo">.</x-place.line>
 Where it has no establishment in the EU, or none in the UK, its representative there is <x-place.line :of="$form->representative">.</x-place.line></p>
</section>
<section><h2>House look</h2>
<p class="sentence">Mails come from <x-place.line :of="$form->sender">,</x-place.line> signed by the key
<x-place.line :of="$form->selector">.</x-place.line> They end with
@foreach ($form->closings as $line)<x-place.line :of="$line" /> @endforeach</p>
@if ($form->proof)
<table><caption>Whether receivers believe it</caption>
<tbody><tr><td>Who reads it</td><td>{{ $form->verified }}</td></tr>
@foreach ($form->proof->findings as $finding)
<tr><td>{{ $finding->name }}</td><td>@if ($finding->met)<span class="met">✓</span>@else<span class="weakness"><x-shape verdict="weakness" /></span>@endif
{{ $finding->says }}</td></tr>
@endforeach</tbody></table>
@endif
@include('points.look', ['look' => $form->look])
</section>
<section><h2>Privacy notice</h2>
<p class="soft">The link stands on every form. Where the text is kept here too, statements are compared with it.</p>
@foreach ($form->notices as $notice)
<div class="notice">
<p class="sentence">{{ $notice->endonym }}: <x-place.line :of="$notice->link" /></p>
<details @if ($notice->text !== '') open @endif><summary id="notice-text-{{ $notice->language }}">Its text in {{ $notice->endonym }}</summary>
<textarea class="long" id="at-notice-text-{{ $notice->language }}" name="value" lang="{{ $notice->language }}" rows="5"
 aria-label="Text of the notice, {{ $notice->endonym }}"
 data-place="{{ $notice->place }}">{{ $notice->text }}</textarea></details>
</div>
@endforeach
</section>
