@extends('office.layout')
@php($record = $page->record)
@section('title', ($record->mayApprove ? 'Approve ' : 'Submit ').lcfirst($record->title))
@section('state', $page->next === 1 ? 'edition 1' : "edition {$page->next}, by what differs from edition ".($page->next - 1))
@section('content')
<form method="post" action="{{ $record->to($record->mayApprove ? 'approve' : 'submit') }}" class="beside">
@csrf
<input type="hidden" name="looked" value="{{ $record->revision->number }}">
<div class="page reading">
@error('approve')<p class="wrong" role="alert">{{ $message }}</p>@enderror
@if ($page->submitted)
<p class="soft">Submitted {{ $page->submitted }}
@if ($page->newer)<br><b class="text-weakness">It was changed after that; what is reviewed here is the newest.</b>@endif</p>
@endif
<section><h2>What changes</h2>
@forelse ($page->difference as $change)
<p class="soft"><x-place-name :of="$change->place" /></p>
<x-changed :of="$change" />
@empty
<p>Nothing differs from edition {{ $page->next - 1 }}.</p>
@endforelse
</section>
@if ($page->affected !== [])
<section><h2>{{ count($page->affected) }} {{ count($page->affected) === 1 ? 'published point' : 'published points' }} will show something else</h2>
<p class="soft">{{ $record->mayApprove
    ? 'The chosen ones are published again in this same act, without what was drafted on their sheets since; the others wait on the desk.'
    : 'Whoever approves chooses which are published again in the same act.' }}</p>
@foreach ($page->affected as $i => $each)
@php($chosen = old('looked') === null || isset(old('points', [])[$each->point->slug]))
<div class="touched">
<p class="held-together">
@if ($record->mayApprove)
<input type="checkbox" id="point-{{ $i }}" name="points[{{ $each->point->slug }}]" value="{{ $each->looked }}"
 @checked($each->stops === null && $chosen) @disabled($each->stops !== null)>
<label for="point-{{ $i }}"><b>{{ $each->name }}</b>, edition {{ $each->edition + 1 }}</label></p>
@else
<span><b>{{ $each->name }}</b>, edition {{ $each->edition + 1 }}</span></p>
@endif
@if ($each->stops !== null)<p class="wrong">{{ $each->stops }}</p>@endif
@foreach ($each->difference as $part)
@foreach ($part->sentences as $sentence)<x-difference :of="$sentence" />@endforeach
@endforeach
</div>
@endforeach
</section>
@endif
</div>
<aside class="margin" aria-label="What stops or allows it">
@if ($page->difference === [])
<p>There is nothing to approve.</p>
@else
@foreach ($record->judged->unfilled as $each)<p class="breach"><x-shape verdict="breach" /> {{ $each }}</p>@endforeach
@if ($page->breaches !== [])
<p class="breach"><x-shape verdict="breach" /> {{ count($page->breaches) }} {{ count($page->breaches) === 1 ? 'breach' : 'breaches' }} in the words</p>
@foreach ($page->breaches as $breach)<p>{{ $breach }}</p>@endforeach
<p class="soft">They can be approved all the same only with a comment that says why.</p>
@elseif ($record->judged->judgement !== null)
<p class="met"><span aria-hidden="true">✓</span> No breach in the words</p>
@endif
@if ($page->people !== null)
<p>@if ($page->peopleLink)<a href="{{ $page->peopleLink }}">{{ $page->people }}</a>@else{{ $page->people }}@endif
 agreed to the words of edition {{ $page->next - 1 }}: to those, and not to these.</p>
@endif
@foreach ($page->elsewhere as $each)
<p class="weakness"><x-shape verdict="weakness" /> <span><a href="{{ $each->link }}">{{ $each->where }}</a> still says</span></p>
<blockquote lang="{{ $each->language }}">{{ $each->says }}</blockquote>
@endforeach
@if ($page->behind !== [])
<fieldset><legend class="weakness">Not changed, while others were:</legend>
@foreach ($page->behind as $each)
<label class="held-together"><input type="checkbox" name="fit[]" id="fit-{{ $each->value }}" value="{{ $each->value }}" @checked($each->chosen)>
 {{ $each->text }} still says the same</label>
@endforeach
<p class="soft">What is not ticked stays on the desk as a task.</p></fieldset>
@endif
@if ($page->own)
<p class="weakness">You wrote part of this draft, and the house demands four eyes. {{ $page->others }} can approve it.</p>
@elseif ($page->writtenBy !== null)
<p class="soft">Written by {{ $page->writtenBy }}; approved by somebody else, as the house demands.</p>
@endif
@if ($page->effective !== null && $record->mayWrite)
<label for="effective">Holds from</label>
<input type="date" id="effective" name="effective" min="{{ $page->earliest }}" value="{{ old('effective', $page->effective) }}">
@if ($page->affected !== [])
<p class="soft">Points are published with it only where it holds from today; from a later day on, they stand on the desk on that day.</p>
@endif
@endif
<label for="comment">Comment</label>
<textarea id="comment" name="comment" rows="3" maxlength="1000">{{ old('comment') }}</textarea>
@if ($record->mayApprove)
<button class="do" id="do-approve">Approve edition {{ $page->next }}</button>
@if ($record->proposal)<button formaction="{{ $record->to('return') }}">Return with the comment</button>@endif
@if ($page->own && $record->state === App\Models\RecordState::Draft)<button formaction="{{ $record->to('submit') }}">Submit for approval</button>@endif
@elseif ($record->mayWrite && $record->state === App\Models\RecordState::Draft)
<button class="do" id="do-submit">Submit for approval</button>
@elseif ($record->mayWrite && $record->state === App\Models\RecordState::Submitted)
<button formaction="{{ $record->to('takeback') }}">Take it back</button>
@endif
@endif
<p><a href="{{ $record->to('show') }}">Back</a></p>
@if ($record->mayApprove && $record->record->kind->canBeRetired() && $record->record->retired_at === null)
<details @error('reason') open @enderror><summary>Retire it</summary>
<p class="soft">It cannot be taken into use again; the words of a statement can be copied to a new one.</p>
@error('reason')<p class="wrong" role="alert">{{ $message }}</p>@enderror
<label for="reason">Why it is retired</label><textarea id="reason" name="reason" rows="2">{{ old('reason') }}</textarea>
<button formaction="{{ $record->to('retire') }}">Retire</button></details>
@endif
</aside>
</form>
@endsection
