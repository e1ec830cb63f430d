@extends('office.layout')
@section('title', 'A withdrawal that came to us')
@section('state', 'by phone, by letter, or told to somebody')
@section('content')
<div class="page">
<form method="post" action="{{ route('withdrawals.record') }}" class="question" enctype="multipart/form-data">
@csrf
<label for="email">Whoever is reached at</label>
<input id="email" name="email" type="text" inputmode="email" autocomplete="off" spellcheck="false" value="{{ old('email') }}"
 @error('email') aria-invalid="true" aria-describedby="wrong-email" @enderror>
<label for="purpose">withdrew</label>
<x-options id="purpose" :of="$page->purposes" />
<label for="how">and told us</label>
<x-options id="how" :of="$page->ways" />
<label for="day">on</label>
<span class="held-together"><input type="date" id="day" name="day" value="{{ $page->day }}" max="{{ $page->today }}"
 @error('day') aria-invalid="true" aria-describedby="wrong-day" @enderror>.</span>
<span class="as-told"><label for="file">The letter or message itself, if there is one</label>
<input type="file" id="file" name="file" accept=".pdf,.jpg,.jpeg,.png,.txt,.eml" @error('file') aria-invalid="true" aria-describedby="wrong-file" @enderror>
</span>
<button class="do" id="record">Record it</button>
</form>
@foreach (['email', 'purpose', 'how', 'day', 'file'] as $field)
@error($field)<p class="wrong" id="wrong-{{ $field }}" role="alert">{{ $message }}</p>@enderror
@endforeach
<p>It counts from the day on which it reached us, and nothing is sent from the moment it is recorded. Nobody needs to prove who they are to withdraw.
Answers about earlier moments stay what they were.</p>
<p class="soft">What was agreed to after that day is not ended by it. It cannot be undone: only a new consent permits again. Who recorded it stands in
the evidence. A file is kept encrypted beside it, as long as the person's other details are, and only where something has ended; officers and auditors
can open it.</p>
</div>
@endsection
