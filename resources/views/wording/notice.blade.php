@extends('office.layout')
@section('title', 'For the notice')
@section('state', 'what the statements in force say, as a paragraph to copy, and what each notice lacks')
@section('content')
@include('wording.tabs')
@foreach ($notices as $i => $notice)
<div class="beside">
<div class="page reading">
<section><h2>{{ $notice->controller }}</h2>
<nav class="choices" aria-label="Languages of {{ $notice->controller }}">
@foreach ($notice->languages as $tab)<a href="{{ $tab->link }}" @if ($tab->current) aria-current="true" @endif>{{ $tab->text }}</a>@endforeach
</nav>
@if ($notice->sentences === [])
<p>No statement of this controller is in force.</p>
@else
<div class="paragraph" lang="{{ $notice->language }}" id="paragraph-{{ $i }}">@foreach ($notice->sentences as $sentence)<p>{{ $sentence }}</p>@endforeach</div>
<button type="button" data-copies="paragraph-{{ $i }}">Copy</button> <span role="status" id="copied-{{ $i }}"></span>
@endif
</section>
</div>
<aside class="margin" aria-label="What the notice of {{ $notice->controller }} lacks, {{ $notice->endonym }}">
@if ($notice->noLink)<section class="note"><p class="breach"><x-shape verdict="breach" /> No link</p><p>{{ $notice->noLink }}</p></section>@endif
@foreach ($notice->unsaid as $lack)<section class="note"><p class="weakness"><x-shape verdict="weakness" /> Not said</p><p>{{ $lack }}</p></section>@endforeach
@forelse ($notice->lacks as $lack)
<section class="note"><p class="weakness"><x-shape verdict="weakness" /> The notice lacks</p><p>{{ $lack }}</p></section>
@empty
@if ($notice->held)
<p class="met"><span aria-hidden="true">✓</span> The notice speaks of each purpose and channel</p>
@else
<p class="soft">The text of this notice is not held here, so it is not compared. Paste it into <a
 href="{{ $notice->register }}">the controller's register</a>.</p>
@endif
@endforelse
</aside>
</div>
@endforeach
@endsection
