{{-- Which rule applies to this point, and why; each can be departed from, with a reason. --}}
<table class="asked rules"><caption>Which rule holds, and why</caption>
<thead><tr><th scope="col">Rule</th><th scope="col">What holds</th><th scope="col">Why</th></tr></thead>
<tbody>
@foreach ($page->rules as $rule)
<tr @class(['departs' => $rule->departure !== null])>
<td>{{ $rule->title }}</td>
<td>{{ $rule->says }}</td>
<td>@if ($rule->against)<span class="breach">{{ $rule->against }}</span><br>@endif
@if ($rule->departure !== null)<b>Departure.</b> {{ $rule->departure }} <span class="soft">{{ $rule->departed }}</span>@else{{ $rule->why }}@endif
@if ($page->may)
@if ($rule->follow)<x-place.press :of="$rule->follow" />@endif
<details class="depart"><summary id="{{ $rule->id }}">{{ $rule->opens() }}</summary>
<form class="depart-form" data-place="departures/{{ $rule->key }}">
<label>At this point
@if ($rule->isNumber)
<input type="number" id="{{ $rule->id }}-value" name="value[value]" min="{{ $rule->least }}" max="30" value="{{ $rule->value }}" required> days
@else
<select id="{{ $rule->id }}-value" name="value[value]">
@foreach ($rule->options as $option)<option value="{{ $option->value }}" @selected($option->chosen)>{{ $option->text }}</option>@endforeach
</select>
@endif</label>
<label>because <textarea id="{{ $rule->id }}-reason" name="value[reason]" rows="2" data-grows>{{ $rule->departure }}</textarea></label>
<button>Depart</button>
</form></details>
@endif
</td>
</tr>
@endforeach
</tbody></table>
