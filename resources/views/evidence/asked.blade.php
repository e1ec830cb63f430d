@php
use App\Support\LifelineDrawing;
use App\Support\Moments;
use Juramen\Consent\Reason;
$name = fn (Juramen\Consent\Target $t): string => ($purposes[$t->purpose] ?? $t->purpose).' by '.$t->channel->value;
$kind = fn (Reason $r): string => $r->allows() ? 'permitted' : 'waiting for confirmation';
$ends = ['withdrawn' => 'withdrawn', 'lapsed' => 'lapsed, not confirmed', 'confirmed' => 'confirmed', 'agreed' => 'agreed anew', 'awaiting-confirmation' => 'asked anew'];
@endphp
<div id="asked">
<form method="get" action="{{ route('evidence.person', $subscriber->subject->hex()) }}" class="question" hx-get="{{ route('evidence.asked', $subscriber->subject->hex()) }}" hx-target="#asked" hx-swap="outerHTML" hx-trigger="submit, change, moved">
@if ($chosen)<input type="hidden" name="entry" value="{{ $chosen->id->hex() }}">@endif
<label for="purpose">May we use this address for</label>
<select id="purpose" name="purpose">@foreach (array_unique(array_map(fn ($t) => $t->purpose, $targets)) as $each)<option value="{{ $each }}" @selected($each === $target->purpose)>{{ $purposes[$each] ?? $each }}</option>@endforeach</select>
<label for="channel">by</label>
<select id="channel" name="channel">@foreach (array_unique(array_map(fn ($t) => $t->channel->value, $targets)) as $each)<option @selected($each === $target->channel->value)>{{ $each }}</option>@endforeach</select>
<label for="on">on</label>
<span class="held-together"><input id="on" name="on" autocomplete="off" value="{{ $typed }}" @if ($wrongTime) aria-invalid="true" aria-describedby="wrong-time" @endif> {{ Moments::zoneOf($on) }} ?</span>
<button id="ask">Ask</button>
</form>
@if ($wrongTime)<p class="wrong" id="wrong-time" role="alert">“{{ mb_substr($typed, 0, 60) }}” is not a time. Write it like {{ Moments::input($on) }}; the answer below is for now.</p>@endif
@if (! $proven->holds())
<div class="answer no" id="answer" role="alert"><p><b>This cannot be answered.</b> What is on record about this person is not as it was written:</p>
<ul>@foreach ($proven->faults as $fault)<li>{{ $fault }}</li>@endforeach</ul>
<p class="soft">Ask your administrator to run <span class="mono">ledger:verify</span>, and do not use this address until it is cleared up.</p></div>
@else
<div id="answer" aria-live="polite">
@foreach ($answers as [$moment, $permission])
<p class="answer {{ $permission->allowed() ? 'yes' : 'no' }}">
@if (count($answers) > 1)<span class="soft">{{ Moments::exact($moment) }}:</span> @endif
<b>{{ $permission->allowed() ? 'Yes.' : 'No.' }}</b> {{ App\Actions\Evidence\AskPermission::sentence($permission, Moments::exact(...)) }}
@if ($permission->entries)<span class="soft">{{ count($permission->entries) === 1 ? 'Entry' : 'Entries' }} {{ implode(', ', array_map(fn ($e) => $e->sequence, $permission->entries)) }}</span>@endif
@if (count($answers) > 1)<a href="{{ route('evidence.person', [$subscriber->subject->hex(), 'purpose' => $target->purpose, 'channel' => $target->channel->value, 'on' => Moments::input($moment)]) }}">Ask about this hour alone</a>@endif</p>
@endforeach
@if (count($answers) > 1)<p class="soft">The clocks were put back that night, so this time came twice; both are answered.</p>@endif
</div>
@endif
<figure class="lifeline">
<svg viewBox="0 0 {{ LifelineDrawing::WIDTH }} {{ $drawing->height() }}" data-lifeline data-left="{{ LifelineDrawing::LEFT }}" data-right="{{ LifelineDrawing::WIDTH - 10 }}" data-begin="{{ $drawing->begin }}" data-end="{{ $drawing->end }}" role="group" aria-label="Permissions over time">
<defs><pattern id="hatched" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><rect width="6" height="6" class="hatch-ground"/><path d="M0 0V6" class="hatch-line"/></pattern></defs>
@foreach ($drawing->ticks() as $label => $x)
<path d="M{{ $x }} 8V{{ $drawing->height() - 30 }}" class="grid-line"/><text x="{{ $x }}" y="{{ $drawing->height() - 12 }}" class="tick" text-anchor="middle">{{ $label }}</text>
@endforeach
@foreach (array_values($drawing->lifeline->lines) as $row => $line)
@php
$y = 12 + $row * LifelineDrawing::ROW;
@endphp
<text x="0" y="{{ $y + 12 }}">{{ ucfirst($purposes[$line['target']->purpose] ?? $line['target']->purpose) }}</text><text x="0" y="{{ $y + 27 }}" class="tick">{{ $line['target']->channel->value }}</text>
@foreach ($line['spans'] as $span)
@php
$x = $drawing->x($span->from);
$to = $drawing->x($span->to ?? $now);
$says = ucfirst($kind($span->reason)).' from '.Moments::exact($span->from).($span->to ? ' to '.Moments::exact($span->to).', '.$ends[$span->end->value] : ', until today');
@endphp
<g tabindex="0" role="img" aria-label="{{ $name($line['target']) }}: {{ $says }}" class="span" data-says="{{ $says }}">
<title>{{ $says }}</title>
<rect x="{{ $x }}" y="{{ $y }}" width="{{ max(3, round($to - $x, 1)) }}" height="22" class="{{ $span->reason->allows() ? 'bar-confirmed' : 'bar-waiting' }}"/>
@if ($span->end === Reason::Withdrawn)
<path d="M{{ $to }} {{ $y - 4 }}v30" class="end-bar"/>
@if ($drawing->roomBehind($span->to, $line['spans']) > 150)<text x="{{ $to + 7 }}" y="{{ $y + 15 }}" class="tick">withdrawn {{ Moments::date($span->to) }}</text>
@elseif ($to - $x > 170)<text x="{{ $to - 8 }}" y="{{ $y + 15 }}" class="on-bar" text-anchor="end">withdrawn {{ Moments::date($span->to) }}</text>
@endif
@elseif ($span->end === Reason::Lapsed)
<rect x="{{ $to }}" y="{{ $y }}" width="{{ round(min(128, $drawing->roomBehind($span->to, $line['spans'])), 1) }}" height="22" class="bar-lapsed"/>
@if ($drawing->roomBehind($span->to, $line['spans']) > 120)<text x="{{ $to + 6 }}" y="{{ $y + 15 }}" class="tick">lapsed {{ Moments::date($span->to) }}</text>
@endif
@endif
</g>
@endforeach
@endforeach
@php
$x = $drawing->x($on);
@endphp
<g id="cursor" class="cursor" tabindex="0" role="slider" aria-label="The question's date" aria-valuemin="{{ $drawing->begin }}" aria-valuemax="{{ $drawing->end }}" aria-valuenow="{{ $on->utc->getTimestamp() }}" aria-valuetext="{{ Moments::exact($on) }}" transform="translate({{ $x }} 0)"><path d="M0 6V{{ $drawing->height() - 30 }}"/><circle r="5" cy="6"/></g>
</svg>
<figcaption class="soft"><span data-says-here>Drag the line, or move it with the arrow keys: a day at a time, a month with Shift.</span>
<span class="legend"><span class="key waiting"></span> waiting <span class="key permitted"></span> permitted <span class="key gone"></span> lapsed</span></figcaption>
<details><summary>The same as a table</summary><table><thead><tr><th scope="col">For</th><th scope="col">State</th><th scope="col">From</th><th scope="col">To</th><th scope="col">Ended by</th></tr></thead><tbody>@foreach ($drawing->lifeline->lines as $line)@foreach ($line['spans'] as $span)<tr><td>{{ $name($line['target']) }}</td><td>{{ $kind($span->reason) }}</td><td>{{ Moments::exact($span->from) }}</td><td>{{ $span->to ? Moments::exact($span->to) : 'today' }}</td><td>{{ $span->end ? $ends[$span->end->value] : '' }}</td></tr>@endforeach
@endforeach</tbody></table></details>
</figure>
</div>
