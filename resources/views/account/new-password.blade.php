<label for="new">New password</label>
<input id="new" name="new" type="password" autocomplete="new-password" aria-describedby="new-says" @error('new') aria-invalid="true" @enderror>
@error('new')<p class="wrong" id="new-says" role="alert">{{ $message }}</p>@else
<p class="soft" id="new-says">At least 12 characters. A sentence is a good one.</p>@enderror
<label for="again">Once more</label>
<input id="again" name="again" type="password" autocomplete="new-password">
