<section>
<div class="sentence">{{ $form->controller }} asks for <x-place.choice :of="$form->purpose" :to="$page->to('change')" />
 by <x-place.several :of="$form->channels" :to="$page->to('change')" />.</div>
<div class="side-by-side">
@foreach ($form->texts as $text)
<div>
<x-place.words :of="$text->words" :to="$page->to('change')" :judge="$page->to('judge')" />
<p class="line numbers"><x-marks :of="$text->marks" />
@if ($page->mayWrite && $text->remove)<x-place.press :of="$text->remove" :to="$page->to('change')" />@endif</p>
<x-place.preview :of="$text" />
</div>
@endforeach
</div>
@if ($page->mayWrite && $form->more !== [])
<p class="sentence">Write it also in
@foreach ($form->more as $press)<x-place.press :of="$press" :to="$page->to('change')" /> @endforeach</p>
@endif
</section>
