{{-- Which rule holds for this point, and why; each can be departed from, with a reason. --}}
<table class="asked rules"><caption>Which rule holds, and why</caption>
<thead><tr><th scope="col">Rule</th><th scope="col">What holds</th><th scope="col">Why</th></tr></thead>
<tbody>
@foreach ($holdings as $holding)
@php($key = $holding->rule->value)
@php($number = in_array($holding->rule, [Juramen\Register\Rule::LapseDays, Juramen\Register\Rule::ReminderDays], true))
<tr @if ($holding->origin() === 'departure') class="departs" @endif>
<td>{{ $holding->rule->title() }}</td>
<td>{{ $holding->rule->says($holding->value) }}</td>
<td>@if ($holding->defiesRegime())<span class="breach">against {{ $holding->demands[0]->regime->name() }} ({{ $holding->demands[0]->source }})</span><br>@endif @if ($holding->departure)<b>Departure.</b> {{ $holding->departure->reason }} <span class="soft">{{ $holding->departure->by }}, {{ App\Support\Moments::plain($holding->departure->on) }}. The house says: {{ $holding->rule->says($holding->house) }}.</span>@else{{ ucfirst($holding->why()) }}.@endif
@if ($may)
@if ($holding->departure)<button type="button" class="plain" id="follow-{{ $key }}" hx-post="{{ $to['change'] }}" hx-vals='{"place":"departures/{{ $key }}","value":""}'>Follow the house again</button>@endif
<details class="depart"><summary id="{{ $id("departures/$key") }}">{{ $holding->departure ? 'Change it' : 'Depart from it' }}</summary>
<form hx-post="{{ $to['change'] }}" hx-vals='{"place":"departures/{{ $key }}"}' hx-include="this, #base, #shown" class="depart-form">
<label>At this point
@if ($number)<input type="number" id="{{ $id("departures/$key") }}-value" name="value[value]" min="{{ $key === 'lapse-days' ? 1 : 0 }}" max="30" value="{{ $holding->value }}" required> days
@else<select id="{{ $id("departures/$key") }}-value" name="value[value]">@foreach ([true, false] as $value)<option value="{{ $value ? '1' : '0' }}" @selected($holding->departure ? $value === $holding->value : $value !== $holding->value)>{{ $holding->rule->says($value) }}</option>@endforeach</select>@endif</label>
<label>because <textarea id="{{ $id("departures/$key") }}-reason" name="value[reason]" rows="2" data-grows>{{ $holding->departure->reason ?? '' }}</textarea></label>
<button>Depart</button>
</form></details>
@endif
</td>
</tr>
@endforeach
</tbody></table>
