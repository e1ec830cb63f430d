@props(['by'])
@if (request()->query($by->parameter) !== null)<input type="hidden" name="{{ $by->parameter }}" value="{{ $by->text() }}">@endif
