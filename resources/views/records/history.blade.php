@extends('office.layout')
@section('title', 'History of '.lcfirst($page->title))
@section('state', count($page->revisions).' revisions, '.count($page->editions).' editions')
@section('content')
<div class="beside">
<div class="page reading">
<form method="get" class="question">
<label for="from">What changed from</label><select id="from" name="from">
@foreach ($page->from as $option)<option value="{{ $option->value }}" @selected($option->chosen)>{{ $option->text }}</option>@endforeach
</select>
<label for="to">to</label><select id="to" name="to">
@foreach ($page->to as $option)<option value="{{ $option->value }}" @selected($option->chosen)>{{ $option->text }}</option>@endforeach
</select>
<button>Compare</button>
@if ($page->left !== [])
<label for="left">or in {{ $page->newer }}</label><select id="left" name="left"><option value="">no languages</option>
@foreach ($page->left as $option)<option value="{{ $option->value }}" @selected($option->chosen)>{{ $option->text }}</option>@endforeach
</select>
<label for="right">with</label><select id="right" name="right"><option value="">…</option>
@foreach ($page->right as $option)<option value="{{ $option->value }}" @selected($option->chosen)>{{ $option->text }}</option>@endforeach
</select><button>Compare languages</button>
@endif
</form>
@if ($page->languages !== null)
<section><h2>{{ $page->languagesSaid }}</h2><x-difference :of="$page->languages" class="font-serif text-lg" /></section>
@endif
@forelse ($page->difference as $change)
<section><h2><x-place-name :of="$change->place" /></h2>
<x-changed :of="$change" /></section>
@empty
<p>Nothing differs between {{ $page->said }}.</p>
@endforelse
</div>
<aside class="margin" aria-label="Editions, proposals and revisions">
@foreach ($page->editions as $edition)
<section><p><b>Edition {{ $edition->number }}</b>, approved <x-exact :at="$edition->approved_at" /> by {{ $edition->approver->name }};
 holds from <x-day :of="$edition->effective" /></p>
@if ($edition->comment !== '')<p>{{ $edition->comment }}</p>@endif
<p class="mono soft">{{ $edition->digest->hex() }}</p></section>
@endforeach
@if (count($page->proposals) > 0)
<section><p><b>Proposals</b></p>
@foreach ($page->proposals as $proposal)
<p>{{ $proposal->submitter->name }} submitted revision {{ $proposal->revision }}, <x-exact :at="$proposal->submitted_at" />
@if ($proposal->comment !== ''): {{ $proposal->comment }}@endif
@if ($proposal->decision)
<br><span class="soft">{{ $proposal->decision->value }} by {{ $proposal->decider?->name }}@if ($proposal->reply !== ''): {{ $proposal->reply }}@endif</span>
@endif</p>
@endforeach
</section>
@endif
<section><p><b>Revisions</b></p>
@foreach ($page->rows as $row)
<p><a href="{{ route(
    'records.history', [$page->record->kind->value, $page->record->slug, 'from' => "r{$row->before}", 'to' => "r{$row->number}"]
) }}">{{ $row->number }}</a> {{ $row->who }} {{ $row->did }} <span class="soft">{{ $row->when }}</span></p>
@endforeach
</section>
<p><a href="{{ route('records.show', [$page->record->kind->value, $page->record->slug]) }}">Back</a></p>
</aside>
</div>
@endsection
