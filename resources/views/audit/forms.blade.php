@extends('office.layout')
@section('title', 'Forms from elsewhere')
@section('state', $away ? 'those that were put away' : 'read and judged like our own')
@section('content')
@include('audit.tabs')
<div class="page apart">
<form method="get" class="ask"><label for="q">Find</label><input id="q" name="q" type="search" value="{{ $page->words }}" placeholder="a name or address">
@if ($away)<input type="hidden" name="away" value="1">@endif<button>Find</button>
@if ($away)<a href="{{ route('audit.forms') }}">Those that are looked at</a>@elseif ($page->away > 0)<a
 href="{{ route('audit.forms', ['away' => 1]) }}">{{ $page->away }} put away</a>@endif</form>
@if ($page->rows === [])
<p>@if ($page->words !== '')No form matches. <a href="{{ route('audit.forms') }}">Show all</a>@else
None yet. Forms of the house also stand on other systems, and copies of ours in pages of others: bring them here, and they are judged
 like the rest.@endif</p>
@else
<table><caption>Forms from elsewhere</caption><thead><tr><th>Form</th><th>Copy of</th><th>Last read</th><th>Findings</th></tr></thead><tbody>
@foreach ($page->rows as $row)
<tr><td><a href="{{ route('audit.form', $row->slug) }}"><b>{{ $row->name }}</b></a><br><span class="soft">{{ $row->address }}</span></td>
<td>{{ $row->copyOf ?: '–' }}</td>
<td>{{ $row->read }}<br><span class="soft">{{ $row->watched ? 'watched' : '' }}</span>
@if ($row->changed !== '')<b class="weakness">{{ $row->changed }}</b>@endif</td>
<td>@foreach (['breach' => $row->breaches, 'weakness' => $row->weaknesses, 'open' => $row->open] as $verdict => $count)
@if ($count > 0)<span class="{{ $verdict }}"><x-shape :verdict="$verdict" /> {{ $count }}<span class="unseen"> {{ $verdict }}</span></span> @endif
@endforeach
@if ($row->breaches + $row->weaknesses + $row->open === 0)<span class="met">✓ none</span>@endif</td></tr>
@endforeach
</tbody></table>
@endif
</div>
@can('change', App\Models\ForeignForm::class)
<section class="page apart" aria-labelledby="read"><h2 id="read">Read a form from elsewhere</h2>
<form method="post" action="{{ route('audit.forms.take') }}" enctype="multipart/form-data" class="stack">@csrf
@error('page')<p class="wrong" role="alert">{{ $message }}</p>@enderror
<label for="address">Address of its page</label>
<input id="address" name="address" value="{{ old('address') }}" inputmode="url" autocomplete="off" aria-describedby="address-help" maxlength="1000">
<p class="soft" id="address-help">It is fetched from there, unless you give the page itself below.</p>
<label for="html">Or the page, or a part of one, pasted</label>
<textarea id="html" name="html" rows="6" class="mono" spellcheck="false">{{ old('html') }}</textarea>
<label for="files">Or files: saved pages, or a ZIP of them with the styles that lie beside; at most 20 at once, 9 MB in all</label>
<input type="file" id="files" name="files[]" multiple accept=".html,.htm,.xhtml,.txt,.zip">
<div class="side-by-side"><div class="stack"><label for="name">What it is called here, if you like</label>
<input id="name" name="name" value="{{ old('name') }}" maxlength="120"></div>
<div class="stack"><label for="language">Its language, where it does not say so</label>
<select id="language" name="language"><option value="">as it says</option>@foreach ($languages as $each)<option value="{{ $each->value }}"
 @selected(old('language') === $each->value)>{{ $each->endonym() }}</option>@endforeach</select></div></div>
<button class="do">Read it</button>
<p class="soft">What somebody had typed into a page, and its tokens, are left out before anything is kept.</p>
</form></section>
@endcan
@endsection
