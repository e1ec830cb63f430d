@props(['note', 'mend', 'say' => null])
<section id="note-{{ $note->number }}" class="note">
<p class="{{ $note->verdict }}"><x-shape :verdict="$note->verdict" /> {{ $note->word }} <span class="number {{ $note->verdict }}">{{ $note->number }}</span></p>
<p>{{ $note->says }}</p>
<p class="soft"><a href="{{ route('requirement', $note->requirement) }}">{{ $note->source }}</a> @if ($note->languages !== '')· {{ $note->languages }}@endif</p>
@if ($note->excepted)<p class="soft">{{ $note->excepted }}</p>@endif
@if ($note->becomes)<x-difference :of="$note->becomes" class="becomes" />@endif
@if ($note->mend)<button type="button" class="mend" id="mend-{{ $note->number }}" data-act="{{ $mend }}" data-values="{{ $note->mendValues }}"
 data-follows="{{ $note->at }}">{{ $note->mend }}</button>@endif
@if ($note->advice)<p class="soft">{{ $note->advice }}</p>@endif
@if ($note->inOrder)<p class="soft">In order, said {{ $note->inOrder }}. It is asked again when the sentence changes.</p>@endif
@if ($note->readWrongly)<p class="soft">Read wrongly, said {{ $note->readWrongly }}. The sentence is kept for whoever looks after the language.</p>@endif
@if ($say !== null && $note->sentence !== null)
<p class="doubts">@if ($note->canBeAnswered)<button type="button" id="in-order-{{ $note->number }}" data-act="{{ $say }}"
 data-values="{{ $note->saying(App\Models\AnswerKind::InOrder) }}">{{ $note->inOrder ? 'Ask again' : 'It is in order' }}</button>@endif
<button type="button" id="read-wrongly-{{ $note->number }}" data-act="{{ $say }}"
 data-values="{{ $note->saying(App\Models\AnswerKind::ReadWrongly) }}">{{ $note->readWrongly ? 'Rightly after all' : 'Read wrongly' }}</button></p>
@endif
@if ($note->words)<p><a href="{{ $note->words }}">Change the words</a></p>@endif
</section>
