<p><b>{{ $cause->name }}</b></p>
<p>{{ $cause->title }} <a href="{{ route('requirement', $cause->requirement) }}">What it is about</a></p>
@if ($cause->forms === [])
<p class="met">✓ Nothing of it is left to be decided.</p>
@else
@if ($cause->asks !== '')<p class="soft">{{ $cause->asks }}</p>@endif
<form method="post" action="{{ route('audit.answer') }}" class="stack" id="together" enctype="multipart/form-data">@csrf
<input type="hidden" name="requirement" value="{{ $cause->requirement }}">
@error('reason-together')<p class="wrong" role="alert">{{ $message }}</p>@enderror
<fieldset><legend class="unseen">Forms</legend>
@foreach ($cause->forms as $form)
<label class="ticked"><input type="checkbox" name="findings[]" value="{{ $form->value }}" @checked(in_array($form->value, (array) old('findings'), true))>
<span>{{ $form->name }}@if ($form->people !== '')<span class="soft">, {{ $form->people }} people</span>@endif
@if ($form->assigned !== '')<br><span class="soft">{{ $form->assigned }}</span>@endif</span></label>
@endforeach
</fieldset>
@canany(['attest', 'accept'], App\Models\ForeignForm::class)
<label for="why-together">Why, and on what that rests</label>
<textarea id="why-together" name="reason" rows="3" maxlength="1000">{{ $errors->has('reason-together') ? old('reason') : '' }}</textarea>
@include('audit.proof', ['id' => 'together'])
<label for="until-together">It holds until</label>
<input type="date" id="until-together" name="until" value="{{ $errors->has('reason-together') ? old('until') : '' }}">
<p class="answers">@if ($cause->isQuestion)<button name="says" value="met">It is met on these</button>@endif
@can('accept', App\Models\ForeignForm::class)<button name="says" value="accepted" @if ($cause->isQuestion) class="plain" @endif>Accept it on these</button>
@endcan</p>
@endcanany
@if ($cause->menders !== [])
<details @if ($errors->has('assign-together')) open @endif><summary>Give them to somebody to mend</summary>
<div class="stack">@error('assign-together')<p class="wrong" role="alert">{{ $message }}</p>@enderror
@include('audit.assign', ['id' => 'together', 'of' => $cause, 'typed' => $errors->has('assign-together')])</div></details>
@endif
</form>
@endif
