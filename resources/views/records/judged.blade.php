<div id="judged" @if ($part) data-part @endif>
@if ($judged->margin !== null)
<x-notes :at-once="3" :say="$judged->says()"
 :of="$judged->margin->notes" :to-write="$judged->toWrite()" :sound="$judged->unfilled === []" :mend="$judged->mends()" />
@foreach ($judged->unfilled as $each)
<section class="note"><p class="breach"><x-shape verdict="breach" /> Cannot be filled</p><p>{{ $each }}</p></section>
@endforeach
@endif
@if ($judged->isProcessor())
@forelse ($judged->lacks as $lack)
<section class="note"><p class="breach"><x-shape verdict="breach" /> Not on record</p><p>{{ $lack }}</p><p class="soft">GDPR Art. 28(3), 44 to 49</p></section>
@empty
<p class="met"><span aria-hidden="true">✓</span> Contract, place and ground are on record</p>
@endforelse
@endif
@if ($judged->isWay())
@forelse ($judged->stops as $says)
<section class="note"><p class="breach"><x-shape verdict="breach" /> {{ $judged->stopped() }}</p><p>{{ $says }}</p></section>
@empty
<p class="met"><span aria-hidden="true">✓</span> {{ $judged->soundWay() }}</p>
@endforelse
@endif
@foreach ($judged->cautions as $says)
<section class="note"><p class="weakness"><x-shape verdict="weakness" /> To be looked at</p><p>{{ $says }}</p></section>
@endforeach
</div>
