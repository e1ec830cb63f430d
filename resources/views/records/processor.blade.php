@php($to = $page->to('change'))
<section>
<div class="sentence"><x-place.line :of="$form->name" :to="$to" /> gets contact details of {{ $form->controller }} <x-place.choice :of="$form->own"
 :to="$to" />:
 it <x-place.line :of="$form->does" :to="$to" />. It gets those of <x-place.several :of="$form->purposes" :to="$to" />.</div>
<p class="sentence">The contract on record is <x-place.line :of="$form->contract" :to="$to" />; it ends on <x-place.line :of="$form->until" :to="$to" />.
 The details are kept in <x-place.choice :of="$form->country" :to="$to" />; the ground of a transfer there is <x-place.line :of="$form->transfer"
 :to="$to" />.</p>
</section>
