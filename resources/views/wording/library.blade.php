@extends('office.layout')
@section('title', 'Translation and library')
@section('state', count($statements).' statements, out and in as CSV or JSON')
@section('content')
@include('wording.tabs')
<div class="beside">
<div class="page reading">
@if ($library === null)
<section><h2>Out</h2>
<form method="get" action="{{ route('wording.export', 'csv') }}" class="sentence">Write the texts out as CSV, with empty lines for
@foreach ($languages as $language)<label class="line"><input type="checkbox" name="languages[]"
 value="{{ $language->value }}"> {{ $language->endonym() }}</label> @endforeach
where they are not written yet. <button>CSV</button> <a href="{{ route('wording.export', 'json') }}">or everything as JSON</a></form>
<p class="soft">The columns are statement, language and text. Names in braces such as <span class="mono">{controller}</span> stay as they are.</p>
</section>
@can('write', [App\Models\Record::class, Juramen\Register\RecordKind::Statement])
<section><h2>In</h2>
@error('file')<p class="wrong" role="alert">{{ $message }}</p>@enderror
<form method="post" action="{{ route('wording.read') }}" enctype="multipart/form-data" class="stack">@csrf
<label for="file">A file as it came back, CSV or JSON</label><input type="file" id="file" name="file" accept=".csv,.json,text/csv,application/json" required>
<button>Show what it would change</button></form>
<p class="soft">Nothing changes before you have looked at what differs. What is taken becomes a draft and is approved like any other.</p>
</section>
@endcan
@else
@php($faults = $library->faults())
@php($changes = $library->changes())
@if ($faults !== [])
<section><h2>{{ count($faults) }} {{ count($faults) === 1 ? 'text cannot' : 'texts cannot' }} be taken, so nothing is</h2>
@foreach ($faults as $row)
<div class="touched"><p><b>{{ $row->statement }}</b>, {{ $row->languageName() }}, line {{ $row->line }}</p>
<p class="wrong" role="alert">{{ $row->fault->says() }}</p><blockquote>{{ $row->new }}</blockquote></div>
@endforeach
</section>
@endif
<section><h2>{{ count($changes) }} {{ count($changes) === 1 ? 'text differs' : 'texts differ' }}</h2>
@foreach ($changes as $row)
<div class="touched"><p><b>{{ $row->statement }}</b>, {{ $row->languageName() }}@if ($row->old === ''), new @endif</p>
<x-difference :of="$row->difference()" class="font-serif text-lg" lang="{{ $row->language }}" /></div>
@endforeach
</section>
@endif
</div>
<aside class="margin" aria-label="Report">
@if ($library !== null)
<p>{{ count($library->rows) }} texts read, {{ count($changes) }} differ,
 {{ count(array_filter($library->rows, fn ($r) => $r->isEmpty())) }} are empty, {{ count($library->missing) }} are not in the file.</p>
@foreach ($library->missing as $missing)<p class="soft">Not in the file: {{ $missing }}</p>@endforeach
@foreach ($library->rows as $row)@if ($row->isEmpty() && $row->fault === null)<p
 class="soft">Empty: {{ $row->statement }}, {{ $row->languageName() }}</p>@endif @endforeach
@if ($faults === [] && $changes !== [])
<form method="post" action="{{ route('wording.import') }}" class="stack">@csrf<textarea name="text" hidden>{{ $file }}</textarea><button class="do"
 id="take">Take {{ count($changes) === 1 ? 'it as a draft' : 'them as drafts' }}</button></form>
@elseif ($faults !== [])
<p class="breach"><x-shape verdict="breach" /> Nothing was changed</p><p>Mend the file and read it again.</p>
@else
<p>Nothing differs from what stands in the register.</p>
@endif
<p><a href="{{ route('wording.library') }}">Another file</a></p>
@else
@foreach ($statements as $statement)
<p><a href="{{ route('records.show', ['statement', $statement->id->text]) }}">{{ $statement->id }}</a>
<span class="soft">{{ $statement->texts->endonyms() }}</span></p>
@endforeach
@endif
</aside>
</div>
@endsection
