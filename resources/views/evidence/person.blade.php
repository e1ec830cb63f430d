@extends('office.layout')
@php
use App\Support\Moments;
$name = fn (Juramen\Consent\Target $t): string => ($purposes[$t->purpose] ?? $t->purpose).' by '.$t->channel->value;
$address = $values['email'] ?? null;
@endphp
@section('title', $address ?? 'A person whose details were deleted')
@section('state', implode(' · ', array_filter([$values['first-name'] ?? null, $controller, 'first seen '.Moments::exact($subscriber->first_seen)])))
@section('content')
<div class="beside">
<div class="page">
@if ($target === null)
<p>Nothing was ever asked of this person.</p>
@else
@include('evidence.asked')
@endif
<table>
<caption>Acts, in order</caption>
<thead><tr><th scope="col" class="figure">No.</th><th scope="col">When</th><th scope="col">What</th><th scope="col">Edition</th><th scope="col">SHA-256</th></tr></thead>
<tbody>
@foreach ($chain as $entry)
<tr @if ($chosen && $entry->id->equals($chosen->id)) class="chosen" aria-current="true" @endif>
<td class="figure">{{ $entry->sequence }}</td>
<td class="line">{{ Moments::exact($entry->act->occurred) }}@if ($entry->act->occurred->wholeSeconds()->text() !== $entry->recorded->wholeSeconds()->text())<br><span class="soft">recorded {{ Moments::exact($entry->recorded) }}</span>@endif</td>
<td><a href="{{ route('evidence.person', [$subscriber->subject->hex(), 'entry' => $entry->id->hex()]) }}"><b>{{ __('office.acts.'.$entry->act->kind->value) }}</b></a>@if ($entry->act->targets) {{ implode(', ', array_map($name, $entry->act->targets)) }}@endif<br><span class="soft">{{ __('office.how.'.$entry->act->how->value) }}</span></td>
<td>@if ($entry->act->edition){{ $editions[$entry->act->edition->hex()]->point->slug ?? '' }}, edition {{ $editions[$entry->act->edition->hex()]->number ?? '?' }}@endif</td>
<td class="mono line">{{ $entry->digest()->short() }}</td>
</tr>
@endforeach
</tbody>
</table>
</div>
<aside class="margin" aria-label="Proof of the chosen act">
@if ($consent)
<p class="soft">Shown on {{ Moments::exact($consent->act->occurred) }}</p>
<div class="print"><iframe sandbox title="The form as it was shown, with this person's answers" src="{{ route('evidence.shown', [$subscriber->subject->hex(), $consent->id->hex()]) }}"></iframe></div>
<p class="soft">The bytes frozen at publishing, with the answers put in.</p>
@endif
@if ($chosen)
<section>
<h2 class="soft">Act {{ $chosen->sequence }}: {{ __('office.acts.'.$chosen->act->kind->value) }}</h2>
@php($leaf = $proven->leafOf($chosen))
@if (! $proven->holds())
<p class="breach"><span aria-hidden="true">■</span> Proof fails</p>
<p>What is wrong stands under the question.</p>
@elseif ($leaf !== null)
<p class="met"><span aria-hidden="true">✓</span> Proof verifies</p>
<p class="soft">Entry {{ number_format($leaf + 1) }} of {{ number_format($proven->checkpoint->size) }} under the newest signed checkpoint. The whole chain,
 its end, the values, the look-up, the editions and what is permitted were checked just now.</p>
@else
<p><span aria-hidden="true">□</span> Not yet sealed</p>
<p class="soft">It follows on the entry before it, and everything else was checked just now. Sealing runs every ten seconds.</p>
@endif
<p class="mono">sha256 {{ implode(' ', str_split($chosen->digest()->hex(), 8)) }}</p>
@if ($chosen->act->edition)<p class="soft">Edition <span class="mono">{{ $chosen->act->edition->short() }}</span></p>@endif
</section>
@foreach ($statements as $statement)
<section>
<p>Statement {{ $statement['id'] }}@if ($statement['edition']), edition {{ $statement['edition']->number }}@endif, {{ $consent->act->language->endonym() }}</p>
<blockquote lang="{{ $consent->act->language->value }}">{{ $statement['words'] }}</blockquote>
@if ($statement['edition'])
<p class="soft">approved {{ Moments::exact($statement['edition']->approved_at) }} by {{ $statement['edition']->approver->name }}</p>
<p class="mono soft">{{ $statement['edition']->digest->short() }}</p>
@endif
</section>
@endforeach
<section>
@forelse ($kept as $disclosure)
<p>{{ __('office.values.'.$disclosure->name) }} <b>{{ $disclosure->value }}</b></p>
@empty
<p class="soft">No personal value is kept with this act.</p>
@endforelse
@isset($chosen->act->details['screening'])<p>Screening: {{ ['pass' => 'passed', 'released' => 'held, then released by an officer'][$chosen->act->details['screening']] ?? '' }}</p>@endisset
@isset($chosen->act->details['placement'])<p class="soft">{{ ['page' => 'Came from our own page.', 'copy' => 'Came from a copy on somebody else\'s page; our own form was shown before it was taken.'][$chosen->act->details['placement']] ?? '' }}</p>@endisset
</section>
<details><summary>The entry as it is stored</summary><pre class="mono">{{ json_encode(json_decode($chosen->bytes), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE) }}</pre></details>
@endif
</aside>
</div>
@endsection
