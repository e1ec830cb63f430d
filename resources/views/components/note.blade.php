@props(['note', 'mend'])
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
