<section>
<div class="sentence">{{ $form->controller }} asks for <x-place.choice :of="$form->purpose" />
 by <x-place.several :of="$form->channels" />.</div>
<div class="side-by-side">
@foreach ($form->texts as $text)
<div>
<x-place.words :of="$text->words" />
<p class="line numbers"><x-place.marks :of="$text->marks" :at="$text->words->id" />
@if ($page->mayWrite && $text->remove)<x-place.press :of="$text->remove" />@endif</p>
<x-place.preview :of="$text" />
</div>
@endforeach
</div>
@if ($page->mayWrite && $form->more !== [])
<p class="sentence">Write it also in
@foreach ($form->more as $press)<x-place.press :of="$press" /> @endforeach</p>
@endif
</section>
