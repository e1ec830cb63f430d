<label for="to-{{ $id }}">Who mends it</label>
<select id="to-{{ $id }}" name="to">
@foreach ($of->menders as $option)<option value="{{ $option->value }}" @selected($typed && old('to') === $option->value)>{{ $option->text }}</option>@endforeach
</select>
<label for="due-{{ $id }}">By</label>
<input type="date" id="due-{{ $id }}" name="due" min="{{ $of->today }}" value="{{ $typed ? old('due') : '' }}">
<label for="note-{{ $id }}">What to know <span class="soft">(may be left out)</span></label>
<textarea id="note-{{ $id }}" name="note" rows="2" maxlength="1000">{{ $typed ? old('note') : '' }}</textarea>
<p class="answers"><button formaction="{{ route('audit.assign') }}">Give it to them</button></p>
