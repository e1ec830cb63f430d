@extends('office.layout')
@section('title', $requirement->title())
@section('state', $requirement->id())
@section('content')
<div class="beside">
<div class="page reading">
<section><h2>Source</h2><p>{{ $requirement->source()->text }}</p><p class="soft">{{ __('office.sources.'.$requirement->source()->kind->value) }}</p></section>
<section><h2>How sure the source is</h2><p>{{ $requirement->source()->sure() }} Read the source itself before you rely on it.</p></section>
<section><h2>What is said and what is not</h2><p>Juramen says what was read and what was found there.
 A doubtful case is called open, with the question, and is for a person to decide.</p></section>
</div>
<aside class="margin" aria-label="All requirements">
@foreach ($all as $each)<p>@if ($each->id() === $requirement->id())<b>{{ $each->title() }}</b>@else<a
 href="{{ route('requirement', $each->id()) }}">{{ $each->title() }}</a>@endif</p>@endforeach
</aside>
</div>
@endsection
