@php($words = ['breach' => 'Breach', 'weakness' => 'Weakness', 'open' => 'Open'])
@forelse ($judgement->notes as $note)
@php($result = $note->result)
@php($cover = $excepted[$note->key()] ?? null)
<section id="note-{{ $note->number }}" class="note">
<p class="{{ $result->verdict->value }}"><span class="shape {{ $result->verdict->value }}" aria-hidden="true"></span> {{ $words[$result->verdict->value] }}@if ($cover), excepted @endif <span class="number {{ $result->verdict->value }}">{{ $note->number }}</span></p>
<p>{{ $result->says }}</p>
<p class="soft"><a href="{{ route('requirement', $result->requirement->id()) }}">{{ $result->requirement->source()->text }}</a> @if (count($note->languages) < $offered)· {{ implode(', ', array_map(fn ($l) => $l->endonym(), $note->languages)) }}@endif</p>
@if ($cover)
<p class="soft">{{ $cover->maker->name }}, until {{ $cover->until }}: {{ $cover->reason }}</p>
@elseif ($result->change && $may)
<button type="button" class="mend" hx-post="{{ $to['mend'] }}" hx-vals="{{ json_encode(['note' => $note->key(), 'where' => $result->where]) }}">{{ $result->change->label }}</button>
@else
<p class="soft">{{ $result->mend }}</p>
@if (isset($sheet) && preg_match('~^statements/(\d+)~', (string) $result->where, $at) === 1 && isset($sheet->statements[(int) $at[1]]))<p><a href="{{ route('records.show', ['statement', $sheet->statements[(int) $at[1]]->id]) }}">Change the words</a></p>@endif
@endif
</section>
@empty
<p class="met"><span aria-hidden="true">✓</span> No finding</p>
<p class="soft">What was checked is met. What only a person can judge is not among it.</p>
@endforelse
