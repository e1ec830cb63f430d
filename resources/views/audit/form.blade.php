@extends('office.layout')
@section('title', $page->form->name)
@section('state', $page->state)
@section('content')
@include('audit.tabs')
<div class="beside">
<div class="page">
@if ($page->fault !== '')
<p class="wrong" role="alert">Read last by the clock, it could not be read: {{ $page->fault }} What stands here is from before.</p>
@endif
@if ($page->form->put_away_at)<p class="wrong">It was put away.</p>@endif
@if ($page->unseen)
<form method="post" action="{{ route('audit.form.looked', $page->form) }}" class="ask">@csrf
<span>The page changed by itself.</span><button>I have looked</button></form>
@endif
<section class="read" aria-labelledby="as-read"><h2 id="as-read">As it was read</h2>
<p class="soft">{{ $page->taken }} In {{ $page->language }}.</p>
<ol class="read-places">
@foreach ($page->places as $place)
<li @class(['answered-there' => $place->kind === 'box']) id="place-{{ $place->number }}"><span class="number {{ $place->verdict }}">{{ $place->number }}</span>
<div><p class="said-there">{{ $place->words }}</p><p class="soft">{{ $place->about }}</p></div></li>
@endforeach
</ol>
<details><summary>All words of it</summary><p class="all-words">{{ $page->words }}</p></details>
<details><summary>The page as it is kept</summary><div class="print"><iframe title="The page as it is kept" sandbox
 src="{{ route('audit.form.page', [$page->form, $page->read]) }}" loading="lazy"></iframe></div></details>
</section>
@if ($page->fromEdition !== null)
<section aria-labelledby="edition"><h2 id="edition">Beside the edition in force of “{{ $page->edition }}”</h2>
@if ($page->fromEdition === [])<p class="met">✓ Words, controls, answers and links are the same.</p>@else
@include('audit.changes', ['changes' => $page->fromEdition])@endif</section>
@endif
@if ($page->since !== [])
<section aria-labelledby="since"><h2 id="since">Since {{ $page->before }}</h2>@include('audit.changes', ['changes' => $page->since])</section>
@endif
<section aria-labelledby="readings"><h2 id="readings">Readings</h2><ul class="readings">
@foreach ($page->readings as $row)<li>{{ $row->at }}, {{ $row->how }}@if ($row->by !== 'the clock') by {{ $row->by }}@endif
 @if ($row->changed)<b>· another page</b>@endif
 @if ($row->fault !== '')<span class="breach">{{ $row->fault }}</span>@endif</li>@endforeach
</ul></section>
</div>
<aside class="margin" aria-label="Notes">
@include('audit.findings', ['found' => $page->found, 'from' => 'form', 'numbers' => $page->numbers(...)])
@can('change', App\Models\ForeignForm::class)
<section><details @if ($errors->has('name')) open @endif><summary>What it is</summary>
<form method="post" action="{{ route('audit.form.keep', $page->form) }}" class="stack">@csrf
@error('name')<p class="wrong" role="alert">{{ $message }}</p>@enderror
<label for="name">Name</label><input id="name" name="name" value="{{ old('name', $page->form->name) }}" maxlength="120">
<label for="controller">Who answers for it</label><x-options id="controller" :of="$page->controllers" />
<label for="point">It is a copy of</label><x-options id="point" :of="$page->points" />
<label class="ticked"><input type="checkbox" name="watched" value="1" @checked(old('watched', $page->form->watched))
 @disabled($page->form->address === '')> Read its page again every night</label>
<button>Keep</button></form></details></section>
<section><details @if ($errors->has('again')) open @endif><summary>Read it again</summary>
<form method="post" action="{{ route('audit.form.again', $page->form) }}" enctype="multipart/form-data" class="stack">@csrf
@error('again')<p class="wrong" role="alert">{{ $message }}</p>@enderror
<label for="html">The page as it is now{{ $page->form->address === '' ? '' : '; empty to fetch it' }}</label>
<textarea id="html" name="html" rows="3" class="mono" spellcheck="false">{{ old('html') }}</textarea>
<label for="files">Or a file</label><input type="file" id="files" name="files[]" accept=".html,.htm,.xhtml,.txt">
<button>Read again</button></form></details></section>
<section><details @if ($errors->has('mail')) open @endif><summary>The mail that it sends</summary>
@if ($page->form->mail)<p class="soft">Read: “{{ $page->form->mail->sent()->subject }}”.</p>@endif
<form method="post" action="{{ route('audit.form.mail', $page->form) }}" enctype="multipart/form-data" class="stack">@csrf
@error('mail')<p class="wrong" role="alert">{{ $message }}</p>@enderror
<label for="mail">Sign up there yourself, save the mail as a file (.eml), and give it here</label>
<input type="file" id="mail" name="mail" accept=".eml,message/rfc822">
<button>Read the mail</button></form></details></section>
<form method="post" action="{{ route('audit.form.away', $page->form) }}">@csrf
<input type="hidden" name="away" value="{{ $page->form->put_away_at ? 0 : 1 }}">
<button class="plain">{{ $page->form->put_away_at ? 'Take it up again' : 'Put it away' }}</button></form>
@endcan
</aside>
</div>
@endsection
