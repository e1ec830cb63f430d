@props(['of', 'mend', 'toWrite' => [], 'sound' => true])
@if ($toWrite !== [])
<section class="to-write"><p><b>To be written</b></p>
<ul>@foreach ($toWrite as $each)<li><a href="#{{ $each->at }}">{{ $each->says }}</a></li>@endforeach</ul>
<p>It is judged once it is written.</p></section>
@endif
@forelse ($of as $note)
<section id="note-{{ $note->number }}" class="note">
<p class="{{ $note->verdict }}"><x-shape :verdict="$note->verdict" /> {{ $note->word }} <span class="number {{ $note->verdict }}">{{ $note->number }}</span></p>
<p>{{ $note->says }}</p>
<p class="soft"><a href="{{ route('requirement', $note->requirement) }}">{{ $note->source }}</a> @if ($note->languages !== '')· {{ $note->languages }}@endif</p>
@if ($note->excepted)<p class="soft">{{ $note->excepted }}</p>@endif
@if ($note->becomes)<x-difference :of="$note->becomes" class="becomes" />@endif
@if ($note->mend)<button type="button" class="mend" id="mend-{{ $note->number }}" data-act="{{ $mend }}" data-values="{{ $note->mendValues }}"
 data-follows="{{ $note->at }}">{{ $note->mend }}</button>@endif
@if ($note->advice)<p class="soft">{{ $note->advice }}</p>@endif
@if ($note->words)<p><a href="{{ $note->words }}">Change the words</a></p>@endif
</section>
@empty
@if ($toWrite === [] && $sound)
<p class="met"><span aria-hidden="true">✓</span> No finding</p>
<p class="soft">What was checked is met. What only a person can judge is not among it.</p>
@endif
@endforelse
