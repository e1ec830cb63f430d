<section>
<h2 class="soft">{{ $act->title }}</h2>
@if (! $act->holds)
<p class="breach"><span aria-hidden="true">■</span> Proof fails</p>
<p>What is wrong stands under the question.</p>
@elseif ($act->place !== null)
<p class="met"><span aria-hidden="true">✓</span> Proof verifies</p>
<p class="soft">Entry {{ $act->place }} under the newest signed checkpoint. The whole chain,
 its end, the values, the look-up, the editions and what is permitted were checked just now.</p>
@else
<p><span aria-hidden="true">□</span> Not yet sealed</p>
<p class="soft">It follows on the entry before it, and everything else was checked just now. Sealing runs every ten seconds.</p>
@endif
<p class="mono">sha256 {{ $act->digest }}</p>
@if ($act->edition !== '')<p class="soft">Edition <span class="mono">{{ $act->edition }}</span></p>@endif
</section>
@foreach ($act->agreed as $agreed)
<section>
<p>{{ $agreed->title }}</p>
<blockquote lang="{{ $agreed->language }}">{{ $agreed->words }}</blockquote>
@if ($agreed->approved !== '')
<p class="soft">{{ $agreed->approved }}</p>
<p class="mono soft">{{ $agreed->digest }}</p>
@endif
</section>
@endforeach
<section>
@forelse ($act->kept as $kept)
<p>{{ $kept->name }} @if ($kept->link !== null)<a href="{{ $kept->link }}">{{ $kept->value }}</a>@else<b>{{ $kept->value }}</b>@endif</p>
@empty
<p class="soft">No personal value is kept with this act.</p>
@endforelse
@foreach ($act->notes as $note)
<p class="soft">{{ $note }}</p>
@endforeach
</section>
<details><summary>The entry as it is stored</summary><pre class="mono">{{ $act->stored }}</pre></details>
