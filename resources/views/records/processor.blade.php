<section>
<div class="sentence"><x-place.line :of="$form->name" /> gets contact details of {{ $form->controller }} <x-place.choice :of="$form->own">:</x-place.choice>
 it <x-place.line :of="$form->does">.</x-place.line> It gets those of <x-place.several :of="$form->purposes" />.</div>
<p class="sentence">The contract on record is <x-place.line :of="$form->contract">;</x-place.line> it ends on <x-place.line :of="$form->until">.</x-place.line>
 The details are kept in <x-place.choice :of="$form->country">;</x-place.choice> the ground of a transfer there is
 <x-place.line :of="$form->transfer">.</x-place.line></p>
</section>
