<p><a href="{{ $found->href }}"><b>{{ $found->name }}</b></a>, {{ $found->state }}@if ($found->people !== '') · {{ $found->people }}@endif</p>
@foreach ($found->suspensions as $suspension)
<section class="note" id="suspension-{{ $suspension->id }}"><p class="breach"><x-shape verdict="breach" /> <b>Suspended</b> for “{{ $suspension->name }}”</p>
<p>{{ $suspension->people }}, by {{ $suspension->by }}: {{ $suspension->reason }}</p>
<p class="soft">Nobody among them is written to, nor mailed to be asked again. Whoever agrees anew is free of it; mending the form lifts nothing.</p>
@can('suspend', App\Models\ForeignForm::class)
@if ($suspension->mayLift)<details @if ($errors->has("lift-$suspension->id")) open @endif><summary>Lift it</summary>
<form method="post" action="{{ route('audit.lift', $suspension->id) }}" class="stack">@csrf
@error("lift-$suspension->id")<p class="wrong" role="alert">{{ $message }}</p>@enderror
<label for="lift-{{ $suspension->id }}">Why it may be used again</label>
<textarea id="lift-{{ $suspension->id }}" name="lift-reason" rows="3" maxlength="1000">{{ old('lift-reason') }}</textarea>
<button>Lift it</button></form></details>
@else<p class="soft">Another officer lifts it, with a reason.</p>@endif
@endcan
</section>
@endforeach
@foreach ($found->gone as $gone)
<section class="note"><p class="met">✓ <b>{{ $gone->requirement }}</b> is found here no more.</p>
<p>{{ $gone->says }}. {{ $gone->note }}</p>
@if ($gone->mayMend)<form method="post" action="{{ route('audit.mended', $gone->id) }}">@csrf<input type="hidden" name="form" value="{{ $found->form }}">
<input type="hidden" name="from" value="{{ $from }}"><button class="plain">It is mended</button></form>@endif
</section>
@endforeach
@if ($found->requirement)<p class="soft">Only “{{ $found->requirement }}”. <a
 href="{{ request()->fullUrlWithQuery(['requirement' => null]) }}">All that was found on it</a></p>@endif
@forelse ($found->findings as $finding)
<section @class(['note', 'is-answered' => $finding->answered !== null]) id="finding-{{ $finding->digest }}">
<p class="{{ $finding->verdict }}"><x-shape :verdict="$finding->verdict" /> {{ $finding->word }}
<a class="ink" href="{{ route('requirement', $finding->requirement) }}">{{ $finding->name }}</a>@if ($finding->isNew)<span class="soft"> · new</span>@endif
@isset ($numbers)@foreach ($numbers($finding) as $number)<span class="number {{ $finding->verdict }}">{{ $number }}</span>@endforeach @endisset</p>
<p>{{ $finding->says }}</p>
@if ($finding->words !== '')<blockquote>{{ $finding->words }}</blockquote>@endif
<p class="soft">{{ $finding->source }}</p>
@if ($finding->answered !== null)
<p><b>{{ $finding->answered }}.</b> {{ $finding->reason }}@if ($finding->hasFile) <a
 href="{{ route('audit.file', $finding->answer) }}" download>The file on which that rests</a>@endif</p>
@if ($finding->answer) @can($finding->isQuestion ? 'attest' : 'accept', App\Models\ForeignForm::class)
<form method="post" action="{{ route('audit.back', $finding->answer) }}">@csrf<input type="hidden" name="form" value="{{ $found->form }}">
<input type="hidden" name="from" value="{{ $from }}"><button class="plain">Take it back</button></form>@endcan @endif
@else
@if ($finding->mend !== '')<p class="soft">{{ $finding->mend }}@if ($finding->record) <a href="{{ $finding->record }}">Open its record</a>@endif</p>@endif
@canany(['attest', 'accept'], App\Models\ForeignForm::class)
<details @if ($errors->has("reason-$finding->digest")) open @endif><summary>{{ $finding->isQuestion ? 'Answer' : 'Accept for a while' }}</summary>
<form method="post" action="{{ route('audit.answer') }}" class="stack" enctype="multipart/form-data">@csrf
<input type="hidden" name="form" value="{{ $found->form }}"><input type="hidden" name="finding" value="{{ $finding->digest }}">
<input type="hidden" name="from" value="{{ $from }}">
@error("reason-$finding->digest")<p class="wrong" role="alert">{{ $message }}</p>@enderror
<label for="why-{{ $finding->digest }}">Why, and on what that rests</label>
<textarea id="why-{{ $finding->digest }}" name="reason" rows="3" maxlength="1000">{{ $errors->has("reason-$finding->digest") ? old('reason') : '' }}</textarea>
@include('audit.proof', ['id' => $finding->digest])
<label for="until-{{ $finding->digest }}">It holds until</label>
<input type="date" id="until-{{ $finding->digest }}" name="until" value="{{ $errors->has("reason-$finding->digest") ? old('until') : '' }}">
<p class="answers">@if ($finding->isQuestion)<button name="says" value="met">It is met</button>@endif
@can('accept', App\Models\ForeignForm::class)<button name="says" value="accepted" @if ($finding->isQuestion) class="plain" @endif>Accept it</button>@endcan</p>
</form></details>
@endcanany
@endif
@if ($finding->assigned)
<p @class(['breach' => $finding->assigned->isLate])><b>{{ $finding->assigned->says }}.</b> {{ $finding->assigned->note }}</p>
@error("assign-$finding->digest")<p class="wrong" role="alert">{{ $message }}</p>@enderror
<form method="post" action="{{ route('audit.mended', $finding->assigned->id) }}" class="answers">@csrf
<input type="hidden" name="form" value="{{ $found->form }}"><input type="hidden" name="finding" value="{{ $finding->digest }}">
<input type="hidden" name="from" value="{{ $from }}">
@if ($finding->assigned->mayMend)<button class="plain">It is mended</button>@endif
@can('assign', App\Models\ForeignForm::class)<button class="plain" formaction="{{ route('audit.unassign', $finding->assigned->id) }}">Take it from
 them</button>@endcan</form>
@elseif ($finding->answered === null && $found->menders !== [])
<details @if ($errors->has("assign-$finding->digest")) open @endif><summary>Give it to somebody to mend</summary>
<form method="post" action="{{ route('audit.assign') }}" class="stack">@csrf
<input type="hidden" name="form" value="{{ $found->form }}"><input type="hidden" name="finding" value="{{ $finding->digest }}">
<input type="hidden" name="from" value="{{ $from }}">
@error("assign-$finding->digest")<p class="wrong" role="alert">{{ $message }}</p>@enderror
@include('audit.assign', ['id' => $finding->digest, 'of' => $found, 'typed' => $errors->has("assign-$finding->digest")])
</form></details>
@endif
@if ($found->point && ! $finding->isQuestion)
@can('suspend', App\Models\ForeignForm::class)
<details @if ($errors->has("suspend-$finding->digest")) open @endif><summary>Suspend what was agreed to there</summary>
<form method="post" action="{{ route('audit.suspend', $found->point) }}" class="stack">@csrf
<input type="hidden" name="finding" value="{{ $finding->digest }}">
@error("suspend-$finding->digest")<p class="wrong" role="alert">{{ $message }}</p>@enderror
<p class="soft">{{ ucfirst($found->people) }}. From now on none of them is written to on this ground; they leave lists and destinations, can still withdraw,
 and are not mailed. Only their own new act lifts it, or another officer with a reason.</p>
<label for="suspend-{{ $finding->digest }}">Why</label>
<textarea id="suspend-{{ $finding->digest }}" name="suspend-reason" rows="3" maxlength="1000">{{ old('suspend-reason') }}</textarea>
<button>Suspend it</button></form></details>
@endcan
@endif
</section>
@empty
<p class="met">✓ Nothing was found here.</p>
@endforelse
@if ($from === 'grid')<p><a href="{{ $found->href }}">{{ $found->opens }}</a></p>@endif
