<div class="beside tall" id="held" data-state="{{ $page->state }}">
<div class="page">
<p class="ask"><a href="{{ $page->csv }}">CSV, without addresses</a>
@if ($page->decides && $page->groups !== [])<span class="soft">In the list: <kbd>↓</kbd> <kbd>↑</kbd> go, <kbd>a</kbd> accepts, <kbd>r</kbd> refuses,
 <kbd>z</kbd> undoes.</span>@endif</p>
<p role="status" class="soft" id="held-said">{{ $said }}</p>
@if ($page->decided !== [])
<section aria-labelledby="just-decided"><h2 id="just-decided" class="soft">Just decided; carried out {{ $page->undo }} after that</h2>
<ul class="plain decided">
@foreach ($page->decided as $row)
<li><b>{{ ucfirst($row->decided->done()) }}</b> “{{ $row->quote }}” <span class="soft">{{ $row->point }}, by {{ $row->by }}</span>
@if ($page->decides)<form method="post" action="{{ route('held.undo') }}">@csrf<input type="hidden" name="chosen[]" value="{{ $row->id }}">
<button class="plain" data-undoes="{{ $row->id }}" aria-label="Undo for “{{ $row->quote }}”">Undo</button></form>@endif</li>
@endforeach
</ul></section>
@endif
@if ($page->groups === [])
<p>Nothing waits. What screening doubts is kept here until somebody accepts or refuses it; at the latest after {{ $page->days }} days, and never longer than
its sign-up would have waited for its mail, it is deleted by itself.</p>
@else
<table class="waiting">
<caption>Held submissions, alike ones together</caption>
<thead><tr><th scope="col">Received</th><th scope="col">Form</th><th scope="col">What it says</th><th scope="col">Risk</th>
@if ($page->decides)<th scope="col">Decide</th>@endif</tr></thead>
@foreach ($page->groups as $group)
<tbody @if ($group->count() > 1) class="alike" @endif>
@if ($group->count() > 1 && $page->decides)
<tr class="group" tabindex="-1" data-held="{{ implode(' ', array_column($group->rows, 'id')) }}" data-why="{{ $group->rows[0]->id }}">
<th scope="rowgroup" colspan="4">{{ $group->count() }} alike</th>
<td class="doing" data-label="Decide">@include('office.held-acts', ['ids' => array_column($group->rows, 'id'), 'what' => 'all '.$group->count().' alike',
 'all' => ' all '.$group->count()])</td></tr>
@endif
@foreach ($group->rows as $row)
<tr tabindex="-1" data-held="{{ $row->id }}" data-why="{{ $row->id }}">
<td class="line">{{ $row->received }}</td><td class="line">{{ $row->point }}</td><td>“{{ $row->quote }}”</td>
<td class="line figure">{{ $row->risk }} %</td>
@if ($page->decides)<td class="doing">@include('office.held-acts', ['ids' => [$row->id], 'what' => "“{$row->quote}”", 'all' => ''])</td>@endif</tr>
@endforeach
</tbody>
@endforeach
</table>
{{ $page->pages }}
@endif
</div>
<aside class="margin" aria-label="Why it is held">
@foreach ($page->groups as $group)
@foreach ($group->rows as $row)
<section data-because="{{ $row->id }}">
<p class="soft">Why {{ $row->risk }} % for “{{ $row->quote }}”</p>
@include('screening.sum', ['sum' => $row->sum, 'hidden' => true])
<p><b>Sum {{ $row->total }}, risk {{ $row->risk }} %</b></p>
<dl class="kept"><dt>From</dt><dd>{{ $row->email }}</dd>
@foreach ($row->values as $each)<dt>{{ $each->name }}</dt><dd>{{ $each->value }}</dd>@endforeach
<dt>Form</dt><dd>{{ $row->point }}, {{ $row->edition }}</dd><dt>Deleted by itself</dt><dd>{{ $row->deleted }}</dd></dl>
</section>
@endforeach
@endforeach
<section><p class="soft">Accepted, its journey goes on as every other, and the entry keeps when the person acted and when it was entered. Refused, it is
 deleted. Either teaches <a href="{{ route('screening.weights') }}">the weights</a>. Whoever is held sees the same page as everybody.</p></section>
</aside>
</div>
