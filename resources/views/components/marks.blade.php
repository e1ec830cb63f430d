@props(['of'])
@foreach ($of as $note)<a class="number {{ $note->verdict }}" href="#note-{{ $note->number }}"
 aria-label="Note {{ $note->number }}">{{ $note->number }}</a>@endforeach
