@extends('office.layout')
@php
$here = [$record->kind->value, $record->slug];
$mayApprove = auth()->user()->can('approve', App\Models\Record::class);
$mayWrite = auth()->user()->can('write', [App\Models\Record::class, $record->kind]);
$own = $fourEyes && isset($writers[auth()->id()]);
$next = ($editions->first()->number ?? 0) + 1;
$name = App\Support\RecordNames::title($record->kind, $record->slug, $thing);
@endphp
@section('title', ($mayApprove ? 'Approve ' : 'Submit ').lcfirst($name))
@section('state', $editions->isEmpty() ? 'edition 1' : "edition $next, by what differs from edition ".$editions->first()->number)
@section('content')
<form method="post" action="{{ $mayApprove ? route('records.approve', $here) : route('records.submit', $here) }}" class="beside">
@csrf
<input type="hidden" name="looked" value="{{ $revision->number }}">
<div class="page reading">
@error('approve')<p class="wrong" role="alert">{{ $message }}</p>@enderror
@if ($proposal)<p class="soft">Submitted {{ App\Support\Moments::exact($proposal->submitted_at) }} by {{ $proposal->submitter->name }}@if ($proposal->comment !== ''): {{ $proposal->comment }}@endif @if ($proposal->revision !== $revision->number)<br><b class="text-weakness">It was changed after that; what is reviewed here is the newest.</b>@endif</p>@endif
<section><h2>What changes</h2>
@forelse ($difference as $place => $change)
<p class="soft">{{ App\Support\RecordNames::place($place) }}</p><p class="change {{ str_starts_with($place, 'texts/') ? 'font-serif text-lg' : '' }}">{!! App\Support\Underlines::difference($change) !!}</p>
@empty
<p>Nothing differs from edition {{ $editions->first()->number ?? 0 }}.</p>
@endforelse
</section>
@if ($touched !== [])
<section><h2>{{ count($touched) }} {{ count($touched) === 1 ? 'published point' : 'published points' }} will show something else</h2>
<p class="soft">{{ $mayApprove ? 'The chosen ones are published again in this same act, without what was drafted on their sheets since; the others wait on the desk.' : 'Whoever approves chooses which are published again in the same act.' }}</p>
@foreach ($touched as $i => $each)
@php($chosen = old('looked') === null || isset(old('points', [])[$each->point->slug]))
<div class="touched">
<p class="held-together">
@if ($mayApprove)<input type="checkbox" id="point-{{ $i }}" name="points[{{ $each->point->slug }}]" value="{{ $each->looked }}"
 @checked($each->stops === null && $chosen) @disabled($each->stops !== null)>@endif
<label for="point-{{ $i }}"><b>{{ $each->name }}</b>, edition {{ $each->edition + 1 }}</label></p>
@if ($each->stops !== null)<p class="wrong">{{ $each->stops }}</p>@endif
@foreach ($each->difference as $sentences)
@foreach ($sentences as $sentence)<p class="change">{!! App\Support\Underlines::difference($sentence) !!}</p>@endforeach
@endforeach
</div>
@endforeach
</section>
@endif
</div>
<aside class="margin" aria-label="What stops or allows it">
@if ($difference === [])
<p>There is nothing to approve.</p>
@else
@foreach ($unfilled ?? [] as $each)<p class="breach"><span class="shape breach" aria-hidden="true"></span> {{ $each }}</p>@endforeach
@php($breaches = $judgement?->breaches() ?? [])
@if ($breaches !== [])<p class="breach"><span class="shape breach" aria-hidden="true"></span> {{ count($breaches) }} {{ count($breaches) === 1 ? 'breach' : 'breaches' }} in the words</p>@foreach ($breaches as $note)<p>{{ $note->result->says }}</p>@endforeach
<p class="soft">They can be approved all the same only with a comment that says why.</p>
@elseif ($judgement !== null)<p class="met"><span aria-hidden="true">✓</span> No breach in the words</p>@endif
@php($behind = $editions->isEmpty() ? [] : array_filter(array_keys($document['texts'] ?? []), fn ($l) => ! isset($difference["texts/$l"])))
@if ($behind !== [] && count($behind) < count($document['texts'] ?? []))<p class="weakness"><span class="shape weakness" aria-hidden="true"></span> Not changed: {{ implode(', ', array_map(fn ($l) => Juramen\Register\Language::from($l)->endonym(), $behind)) }}</p><p>Do these languages still say the same as the others?</p>@endif
@if ($own)<p class="weakness">You wrote part of this draft, and the house demands four eyes. {{ $others === [] ? 'Somebody else' : implode(' or ', $others) }} can approve it.</p>
@elseif ($fourEyes)<p class="soft">Written by {{ implode(', ', $writers) }}; approved by somebody else, as the house demands.</p>@endif
<label for="comment">Comment</label>
<textarea id="comment" name="comment" rows="3" maxlength="1000">{{ old('comment') }}</textarea>
@if ($mayApprove)
@if ($record->kind === App\Models\RecordKind::Rules)<label for="effective">Holds from</label><input type="date" id="effective" name="effective" min="{{ now()->format('Y-m-d') }}" value="{{ old('effective', now()->format('Y-m-d')) }}">@endif
@if ($touched !== [] && $record->kind === App\Models\RecordKind::Rules)<p class="soft">Points are published with it only where it holds from today; from a later day on, they stand on the desk on that day.</p>@endif
<button class="do" id="do-approve">Approve edition {{ $next }}</button>
@if ($proposal)<button formaction="{{ route('records.return', $here) }}">Return with the comment</button>@endif
@if ($own && $state === 'draft')<button formaction="{{ route('records.submit', $here) }}">Submit for approval</button>@endif
@elseif ($mayWrite && $state === 'draft')
<button class="do" id="do-submit">Submit for approval</button>
@elseif ($mayWrite && $state === 'submitted')
<button formaction="{{ route('records.takeback', $here) }}">Take it back</button>
@endif
@endif
<p><a href="{{ route('records.show', $here) }}">Back</a></p>
@if ($mayApprove && in_array($record->kind, [App\Models\RecordKind::Statement, App\Models\RecordKind::Purpose, App\Models\RecordKind::Processor], true) && $record->retired_at === null)
<details @error('reason') open @enderror><summary>Retire it</summary>
@error('reason')<p class="wrong" role="alert">{{ $message }}</p>@enderror
<label for="reason">Why it is retired</label><textarea id="reason" name="reason" rows="2">{{ old('reason') }}</textarea>
<button formaction="{{ route('records.retire', $here) }}">Retire</button></details>
@endif
</aside>
</form>
@endsection
