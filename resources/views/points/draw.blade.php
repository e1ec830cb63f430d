@extends('office.layout')
@section('title', 'The draw of '.$page->name)
@section('state', $page->state)
@section('content')
@include('points.tabs')
<div class="page reading">
<p>Its seed was settled before anybody took part: the digest stands in the ledger since then. Who takes part is settled by another digest when it
closes, and the seed is revealed when it is drawn. So nobody, we included, can choose who wins; and whoever has the ids can draw again.</p>
<dl class="sent-words">
<div><dt>Digest of the seed</dt><dd class="mono">{{ $page->commitment }}</dd></div>
@if ($page->digest !== '')<div><dt>Digest of those taking part</dt><dd class="mono">{{ $page->digest }}</dd></div>
<div><dt>They are</dt><dd><details><summary>{{ count($page->entries) }} ids, one for each address</summary>
<ol class="mono">@foreach ($page->entries as $entry)<li>{{ $entry }}</li>@endforeach</ol></details></dd></div>@endif
@if ($page->seed)<div><dt>The seed</dt><dd class="mono">{{ $page->seed }}</dd></div>
<div><dt>The winner</dt><dd><a href="{{ route('enquiries.show', $page->winner) }}" class="mono">{{ $page->winner }}</a></dd></div>@endif
</dl>
@error('do')<p class="wrong" role="alert">{{ $message }}</p>@enderror
@if ($page->mayRun && $page->next !== '')
<form method="post" action="{{ route('points.draw.run', $page->slug) }}" class="ask">@csrf<input type="hidden" name="do" value="{{ $page->next }}">
@if ($page->next === 'close')<button class="do">Close it</button> <span class="soft">Once its last day is over.</span>
@elseif ($page->next === 'draw')<button class="do">Draw the winner</button> <span class="soft">This cannot be done twice.</span>
@else<label for="until">The prize was accepted; accounts need the winner's entry until</label>
<input id="until" name="until" type="date" value="{{ old('until') }}" required><button class="do">Accepted</button>
<span class="soft">Other entries are deleted in thirty days. A name is published only where its owner agreed to that.</span>@endif
</form>
@endif
<p><a href="{{ route('points.sheet', $page->slug) }}">Back to the sheet</a></p>
</div>
@endsection
