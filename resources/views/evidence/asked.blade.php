<div id="asked">
<form method="get" action="{{ $question->page }}" class="question" hx-get="{{ $question->part }}" hx-target="#asked" hx-swap="outerHTML"
 hx-trigger="submit, change, moved" hx-sync="this:replace">
@if ($question->entry !== '')<input type="hidden" name="entry" value="{{ $question->entry }}">@endif
<input type="hidden" name="seen" value="{{ $question->seen }}">
<label for="purpose">May we use this address for</label>
<x-options id="purpose" :of="$question->purposes" />
<label for="channel">by</label>
<x-options id="channel" :of="$question->channels" />
<label for="on">on</label>
<span class="held-together"><input id="on" name="on" autocomplete="off" value="{{ $question->typed }}"
 @if ($question->wrong !== '') aria-invalid="true" aria-describedby="wrong-time" @endif> {{ $question->zone }} ?</span>
<button id="ask">Ask</button>
<label for="zoom" class="soft">Drawn below:</label>
<x-options id="zoom" :of="$question->zooms" />
</form>
@if ($question->wrong !== '')<p class="wrong" id="wrong-time" role="alert">{{ $question->wrong }}</p>@endif
@if ($question->faults !== [])
<div class="answer no" id="answer" role="alert"><p><b>This cannot be answered.</b> What is on record about this person is not as it was written:</p>
<ul>@foreach ($question->faults as $fault)<li>{{ $fault }}</li>@endforeach</ul>
<p class="soft">Ask your administrator to run <span class="mono">ledger:verify</span>, and do not use this address until it is cleared up.</p></div>
@else
<div id="answer" aria-live="polite">
@foreach ($question->answers as $answer)
<p @class(['answer', 'yes' => $answer->allowed, 'no' => ! $answer->allowed])>
@if (count($question->answers) > 1)<span class="soft">{{ $answer->moment }}:</span> @endif
<b>{{ $answer->word() }}</b> {{ $answer->says }} <span class="soft">{{ $answer->entries }}</span>
@if (count($question->answers) > 1)<a href="{{ $answer->link }}">Ask about this hour alone</a>@endif</p>
@endforeach
@if (count($question->answers) > 1)<p class="soft">The clocks were put back that night, so this time came twice; both are answered.</p>@endif
</div>
@endif
@include('evidence.lifeline', ['drawing' => $question->drawing])
</div>
