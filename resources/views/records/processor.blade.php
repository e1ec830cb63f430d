<section>
<div class="sentence"><x-place.line :of="$form->name" /> gets contact details of {{ $form->controller }} <x-place.choice :of="$form->own" />:
 it <x-place.line :of="$form->does" />. It gets those of <x-place.several :of="$form->purposes" />.</div>
<p class="sentence">The contract on record is <x-place.line :of="$form->contract" />; it ends on <x-place.line :of="$form->until" />.
 The details are kept in <x-place.choice :of="$form->country" />; the ground of a transfer there is <x-place.line :of="$form->transfer" />.</p>
</section>
