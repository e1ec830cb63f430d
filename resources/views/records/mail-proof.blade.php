<section id="proof" class="proof" aria-label="Proof" @if ($part) data-part @endif>
@foreach ($proof->ways as $tabs)
<nav aria-label="Way to look at the proof, {{ $loop->iteration }}" class="choices">
@foreach ($tabs as $tab)<a href="{{ $tab->link }}" @if ($tab->current) aria-current="true" @endif>{{ $tab->text }}</a>@endforeach
</nav>
@endforeach
<p class="subject"><span class="soft">Subject</span> {{ $proof->subject }}</p>
<div class="frame {{ $proof->width }}">
<iframe sandbox title="{{ $proof->title }}" tabindex="-1" src="{{ $proof->link }}"></iframe>
</div>
</section>
