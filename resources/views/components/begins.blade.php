{{-- Begins an entry of a register. Several stand on a page: what one refuses stays typed in it, with what is wrong beside it. --}}
@props(['kind', 'label', 'name' => ''])
@php($wrong = $errors->first("name-$kind"))
<form method="post" action="{{ route('records.begin', $kind) }}" {{ $attributes->class('ask') }}>@csrf
<label for="new-{{ $kind }}">{{ $label }}</label><input id="new-{{ $kind }}" name="name" class="short" autocomplete="off"
 value="{{ $wrong === '' ? $name : old('name') }}" @if ($wrong !== '') aria-invalid="true" aria-describedby="wrong-{{ $kind }}" autofocus @endif>
{{ $slot }}
@if ($wrong !== '')<p class="wrong" id="wrong-{{ $kind }}" role="alert">{{ $wrong }}</p>@endif
</form>
