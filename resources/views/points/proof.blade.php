<section id="proof" class="proof" aria-label="Proof" @if ($oob) hx-swap-oob="true" @endif>
<nav aria-label="Language of the proof" class="choices">
@foreach ($sheet->languages as $language)<a href="{{ route('points.sheet', [$point->slug, 'shown' => $language->value, 'width' => request('width')]) }}" @if ($language === $shown) aria-current="true" @endif>{{ $language->endonym() }}</a>@endforeach
<span class="gap"></span>
@foreach (['phone' => 'Phone', 'desktop' => 'Desktop'] as $width => $name)<a href="{{ route('points.sheet', [$point->slug, 'shown' => $shown->value, 'width' => $width]) }}" @if ($width === (request('width') === 'desktop' ? 'desktop' : 'phone')) aria-current="true" @endif>{{ $name }}</a>@endforeach
</nav>
<div class="frame {{ request('width') === 'desktop' ? 'desktop' : 'phone' }}"><iframe sandbox title="Proof of the form in {{ $shown->endonym() }}" tabindex="-1" src="{{ route('points.proof', [$point->slug, $shown->value, $proof]) }}"></iframe></div>
<p class="soft">Serif is what a visitor reads. {{ $judgement->checked }} things checked, {{ $judgement->met }} met.</p>
</section>
