<section id="proof" class="proof" aria-label="Proof" @if ($part) data-part @endif>
<nav aria-label="Language of the proof" class="choices">
@foreach ($page->languages as $tab)<a href="{{ $tab->link }}" @if ($tab->current) aria-current="true" @endif>{{ $tab->text }}</a>@endforeach
<span class="gap"></span>
@foreach ($page->widths as $tab)<a href="{{ $tab->link }}" @if ($tab->current) aria-current="true" @endif>{{ $tab->text }}</a>@endforeach
</nav>
<div class="frame {{ $page->width }}">
<iframe sandbox title="Proof of the form in {{ $page->endonym }}" tabindex="-1" src="{{ $page->proof }}"></iframe>
</div>
<p class="soft">Serif is what a visitor reads.
@if ($page->margin->checked > 0){{ $page->margin->checked }} things checked, {{ $page->margin->met }} met.@endif</p>
</section>
