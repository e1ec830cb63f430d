<nav class="ways choices" aria-label="Screening">
<a href="{{ route('held') }}" @if (request()->routeIs('held*')) aria-current="page" @endif>Held</a>
<a href="{{ route('screening.lines') }}" @if (request()->routeIs('screening.lines*')) aria-current="page" @endif>Where to draw the lines</a>
<a href="{{ route('screening.weights') }}" @if (request()->routeIs('screening.weights')) aria-current="page" @endif>What weighs how much</a>
</nav>
