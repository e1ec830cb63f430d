@extends('office.layout')
@php($paused = $point->paused_at !== null)
@section('title', ($paused ? 'Put on again: ' : 'Pause: ').$name)
@section('state', $paused ? 'paused since '.App\Support\Moments::exact($point->paused_at) : 'takes sign-ups')
@section('content')
<form method="post" action="{{ route('points.pause', $point->slug) }}" class="page narrow stack">@csrf
<input type="hidden" name="on" value="{{ $paused ? '0' : '1' }}">
@if ($paused)
<p>Visitors will see edition {{ $edition }} again, exactly as it was. Publishing a new edition puts the form on, too.</p>
@else
<p>Visitors are told that the form is paused, and nothing is taken. Links in mails that were sent go on working. It happens at once and waits for nobody.</p>
@endif
@error('pause')<p class="wrong" role="alert" id="wrong">{{ $message }}</p>@enderror
<label for="reason">Why</label>
<textarea class="long" id="reason" name="reason" rows="3" maxlength="500" @error('pause') aria-invalid="true" aria-describedby="wrong"
 @enderror>{{ old('reason') }}</textarea>
<button class="do" id="do-pause">{{ $paused ? 'Put it on again' : 'Pause it now' }}</button>
<p><a href="{{ route('points.sheet', $point->slug) }}">Back to the sheet</a></p>
</form>
@endsection
