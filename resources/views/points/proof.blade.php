<section id="proof" class="proof" aria-label="Proof" @if ($part) data-part @endif>
<nav aria-label="Language of the proof" class="choices">
@foreach ($page->proof->languages as $tab)<a href="{{ $tab->link }}" @if ($tab->current) aria-current="true" @endif>{{ $tab->text }}</a>@endforeach
<span class="gap"></span>
@foreach ($page->proof->widths as $tab)<a href="{{ $tab->link }}" @if ($tab->current) aria-current="true" @endif>{{ $tab->text }}</a>@endforeach
</nav>
<nav aria-label="State of the proof" class="choices">
@foreach ($page->proof->states as $tab)<a href="{{ $tab->link }}" @if ($tab->current) aria-current="true" @endif>{{ $tab->text }}</a>@endforeach
<span class="gap"></span>
@foreach ($page->proof->lights as $tab)<a href="{{ $tab->link }}" @if ($tab->current) aria-current="true" @endif>{{ $tab->text }}</a>@endforeach
</nav>
@if ($page->proof->versions !== [])
<nav aria-label="Version of the proof" class="choices">
@foreach ($page->proof->versions as $tab)<a href="{{ $tab->link }}" @if ($tab->current) aria-current="true" @endif>{{ $tab->text }}</a>@endforeach
</nav>
@endif
@if ($page->proof->pages !== [])
<nav aria-label="Page of the proof" class="choices"><span class="soft">Page</span>
@foreach ($page->proof->pages as $tab)<a href="{{ $tab->link }}" @if ($tab->current) aria-current="true" @endif>{{ $tab->text }}</a>@endforeach
</nav>
@endif
<div class="frame {{ $page->proof->view->width() }}">
<iframe sandbox title="Proof of the form in {{ $page->proof->endonym }}" tabindex="-1" src="{{ $page->proof->link }}"></iframe>
</div>
<p class="soft">Go through it, saved as it is now, by links that hold for a week:
@foreach ($page->proof->trials as $tab)
<a href="{{ $tab->link }}" target="_blank" rel="noopener">{{ $tab->text }}</a>{{ $loop->last ? '.' : ',' }}
@endforeach
Nothing of a trial is kept.</p>
<p class="soft">Serif is what a visitor reads.
@if ($page->margin->checked > 0){{ $page->margin->checked }} things checked, {{ $page->margin->met }} met.@endif</p>
</section>
