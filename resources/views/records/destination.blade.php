<section>
<div class="sentence"><x-place.line :of="$form->name" /> takes people of {{ $form->controller }} at <x-place.line :of="$form->address">.</x-place.line>
 It is run by <x-place.choice :of="$form->partner">.</x-place.choice> It is <x-place.choice :of="$form->on">.</x-place.choice></div>
<p class="soft">{{ $form->key }} {{ $form->tested }}</p>
</section>
<section><h2>Lists that go there</h2>
@forelse ($form->lists as $row)
<div class="sentence"><a href="{{ $row->link }}">{{ $row->name }}</a> goes into @if ($row->offersGroups())<x-place.choice :of="$row->group" />@else<x-place.line
 :of="$row->group" />@endif there, with the hidden mark <x-place.line :of="$row->mark" />@if ($row->starts), which starts <x-place.choice
 :of="$row->starts" />@endif.
 <span class="line">@foreach ($row->presses as $press)<x-place.press :of="$press" />@endforeach</span></div>
@empty
<p class="soft">None yet, so nobody is handed over.</p>
@endforelse
@if ($form->addList)<x-place.adding :of="$form->addList" before="Let" behind=" go there too." />@endif
</section>
@if ($form->values !== [])
<section><h2>What goes over</h2>
<p class="soft">The address always goes. Of everything else it is said where it goes, or that it does not. Its fields were fetched: {{ $form->fetched }}.</p>
<table class="asked"><caption>Values of a person</caption>
<thead><tr><th scope="col">Value</th><th scope="col">It is</th><th scope="col">There</th></tr></thead>
<tbody>@foreach ($form->values as $row)<tr><td>{{ $row->title }}</td><td class="soft">{{ $row->type }}</td><td><x-place.choice :of="$row->to" /></td></tr>
@endforeach</tbody></table>
@if ($form->toCreate !== [])
<p><b>To be created there</b>, called exactly so, and then fetched again:</p>
<ul>@foreach ($form->toCreate as $each)<li>{{ $each }}</li>@endforeach</ul>
@endif
</section>
@endif
