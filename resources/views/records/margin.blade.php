<aside id="margin" class="margin" aria-label="Notes" @if ($part) data-part @endif>
<x-notes-head :says="$page->judged->margin?->summary() ?? ''" />
@if ($page->returned !== null)
<section class="returned"><p><b>Came back</b> from {{ $page->returnedBy }}</p><p>{{ $page->returned }}</p></section>
@endif
@include('records.judged', ['judged' => $page->judged, 'part' => false])
@if ($page->judged->proof() !== null)
<section><p><b>Filled in when it goes out</b></p>
<dl class="fillings">
@foreach ($page->judged->form->placeholders as $each)<dt class="mono">{{ $each->value }}</dt><dd>{{ $each->text }}</dd>@endforeach
</dl>
<p class="soft">Pressed, they go where the cursor was. A name that looks like a link, a number or a message greets nobody.</p></section>
@endif
@if ($page->sheets !== null)
<section><p><b>Placeholders</b></p>
<dl class="fillings">
@foreach ($page->judged->form->placeholders as $each)<dt class="mono">{{ $each->value }}</dt><dd>{{ $each->text }}</dd>@endforeach
</dl>
<p class="soft">Filled from the registers at publishing. *Words* are stressed; [words](https://…) are a link.</p></section>
<section><p><b>Where it stands</b></p>
@forelse ($page->sheets as $sheet)
<p><a href="{{ $sheet->link }}">{{ $sheet->name }}</a>
@if ($sheet->lacks !== '')<span class="breach">offers {{ $sheet->lacks }}, which is not written</span>@endif</p>
@empty
<p class="soft">On no sheet.</p>
@endforelse
</section>
@endif
@foreach ($page->related as $group)
<section><p><b>{{ $group->title }}</b></p>
@forelse ($group->links as $link)
<p><a href="{{ $link->link }}">{{ $link->name }}</a>@if ($link->remark !== '') <span class="soft">{{ $link->remark }}</span>@endif</p>
@empty
<p class="soft">None.</p>
@endforelse
</section>
@endforeach
@foreach ($page->editions as $edition)
<section>
<p><b>Edition {{ $edition->number }}</b> @if ($edition->from)from {{ $edition->from }}@endif</p>
<p class="soft">approved {{ $edition->approved }}@if ($edition->comment !== ''): {{ $edition->comment }}@endif</p>
@if ($edition->people !== null)
<p>@if ($edition->peopleLink)<a href="{{ $edition->peopleLink }}">{{ $edition->people }}</a>@else{{ $edition->people }}@endif agreed to exactly these words</p>
<p class="soft">{{ $edition->stood }}</p>
@endif
<p class="mono soft">{{ $edition->digest }}</p>
</section>
@endforeach
<p><a href="{{ $page->to('history') }}">{{ $page->sheets !== null ? 'Compare editions and languages' : 'Compare editions' }}</a></p>
</aside>
