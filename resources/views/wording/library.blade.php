@extends('office.layout')
@section('title', 'Translation and library')
@section('state', $page->state())
@section('content')
@include('wording.tabs')
<div class="beside">
<div class="page reading">
@if ($page->library === null)
<section><h2>Out</h2>
<form method="get" action="{{ route('wording.export', 'csv') }}" class="sentence">Write the texts out as CSV, with empty lines for
@foreach ($page->languages() as $language)<label class="line"><input type="checkbox" name="languages[]"
 value="{{ $language->value }}"> {{ $language->endonym() }}</label> @endforeach
where they are not written yet. <button>CSV</button> <a href="{{ route('wording.export', 'json') }}">or everything as JSON</a></form>
<p class="soft">The columns are statement, language and text. Names in braces such as <span class="mono">{controller}</span> stay as they are.</p>
</section>
@can('draft', App\Models\Record::class)
<section><h2>In</h2>
@error('file')<p class="wrong" role="alert">{{ $message }}</p>@enderror
<form method="post" action="{{ route('wording.read') }}" enctype="multipart/form-data" class="stack">@csrf
<label for="file">A file as it came back, CSV or JSON</label><input type="file" id="file" name="file" accept=".csv,.json,text/csv,application/json" required>
<button>Show what it would change</button></form>
<p class="soft">Nothing changes before you have looked at what differs. What is taken becomes a draft and is approved like any other.</p>
</section>
@endcan
@else
@if ($page->faults !== [])
<section><h2>{{ $page->faultsSaid() }}</h2>
@foreach ($page->faults as $row)
<div class="touched"><p><b>{{ $row->statement }}</b>, {{ $row->languageName() }}, line {{ $row->line }}</p>
<p class="wrong" role="alert">{{ $row->fault->says() }}</p><blockquote>{{ $row->new }}</blockquote></div>
@endforeach
</section>
@endif
<section><h2>{{ $page->changesSaid() }}</h2>
@foreach ($page->changes as $row)
<div class="touched"><p><b>{{ $row->statement }}</b>, {{ $row->languageName() }}@if ($row->old === ''), new @endif</p>
<x-difference :of="$row->difference()" class="font-serif text-lg" lang="{{ $row->language }}" /></div>
@endforeach
</section>
@endif
</div>
<aside class="margin" aria-label="Report">
@if ($page->library !== null)
<p>{{ $page->report() }}</p>
@foreach ($page->library->missing as $missing)<p class="soft">Not in the file: {{ $missing }}</p>@endforeach
@foreach ($page->empty as $row)<p class="soft">Empty: {{ $row->statement }}, {{ $row->languageName() }}</p>@endforeach
@if ($page->mayBeTaken())
<form method="post" action="{{ route('wording.import') }}" class="stack">@csrf<textarea name="text" hidden>{{ $page->file }}</textarea><button class="do"
 id="take">Take {{ count($page->changes) === 1 ? 'it as a draft' : 'them as drafts' }}</button></form>
@elseif ($page->faults !== [])
<p class="breach"><x-shape verdict="breach" /> Nothing was changed</p><p>Mend the file and read it again.</p>
@else
<p>Nothing differs from what stands in the register.</p>
@endif
<p><a href="{{ route('wording.library') }}">Another file</a></p>
@else
@foreach ($page->statements as $statement)
<p><a href="{{ route('records.show', ['statement', $statement->id->text]) }}">{{ $statement->id }}</a>
<span class="soft">{{ $statement->texts->endonyms() }}</span></p>
@endforeach
@endif
</aside>
</div>
@endsection
