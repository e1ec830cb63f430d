<label for="name">Name</label>
<input id="name" name="name" autocomplete="off" value="{{ $name }}" @error('name') aria-invalid="true" aria-describedby="wrong-name" @enderror>
@error('name')<p class="wrong" id="wrong-name" role="alert">{{ $message }}</p>@enderror
<label for="email">Email</label>
<input id="email" name="email" type="text" inputmode="email" autocomplete="off" spellcheck="false" value="{{ $email }}"
 @error('email') aria-invalid="true" aria-describedby="wrong-email" @enderror>
@error('email')<p class="wrong" id="wrong-email" role="alert">{{ $message }}</p>@enderror
<fieldset class="roles" @error('role') aria-describedby="wrong-role" @enderror><legend>Here as</legend>
@foreach ($roles as $role)<label><input type="radio" name="role" value="{{ $role->value }}" @checked($role->chosen)>
<span>{{ $role->text }}</span></label>
@endforeach
</fieldset>
@error('role')<p class="wrong" id="wrong-role" role="alert">{{ $message }}</p>@enderror
