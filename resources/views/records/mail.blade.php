<section>
<p class="sentence">{{ $form->kind }} of {{ $form->controller }}, {{ $form->when }}. Where nothing is written, our own words stand, in grey.</p>
@foreach ($form->parts as $part)
<div class="mail-part"><p><b>{{ $part->title }}</b>
@if ($page->mayWrite)
@foreach ($part->placeholders as $each)<button type="button" class="plain fill" data-fill="{{ $each->value }}"
 aria-label="Fill {{ $each->text }} into {{ lcfirst($part->title) }}">{{ $each->value }}</button>@endforeach
@endif
</p>
@foreach ($part->lines as $i => $line)<p class="in"><span class="soft">{{ $part->endonym($i) }}</span> <x-place.line :of="$line" /></p>@endforeach
</div>
@endforeach
</section>
<section><h2>What stands in it besides</h2>
<ul class="locked">
@foreach ($form->locked as $each)<li>{{ $each }}</li>@endforeach
</ul>
<p class="soft">These are put in when it goes out, wherever its words come from. A part that is left empty falls back to our own words.</p>
</section>
