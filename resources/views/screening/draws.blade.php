<label for="reason" id="draws-why" @if ($part) hx-swap-oob="true" @endif>
{{ $page->view->point === null ? 'Why they lie there' : 'Why it departs from the house' }}</label>
@unless ($part)
<input id="reason" name="reason" value="{{ old('reason') }}" autocomplete="off"
 @error('reason') aria-invalid="true" aria-describedby="wrong-reason" @enderror>
@endunless
<span id="draws-where" class="held-together" @if ($part) hx-swap-oob="true" @endif>
<button class="do">Use these lines{{ $page->view->point === null ? '' : ' at '.$page->at }}</button>
@if ($page->departs)<button formaction="{{ route('screening.follow', $page->view->point) }}">Follow the house again</button>@endif
<a href="{{ $page->back }}">Back to the lines in force</a></span>
