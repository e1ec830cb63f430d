@extends('office.layout')
@section('title', 'For the notice')
@section('state', 'what the statements in force say, as a paragraph to copy, and what each notice lacks')
@section('content')
@include('wording.ways')
@foreach ($notices as $i => $each)
<div class="beside">
<div class="page reading">
<section><h2>{{ $each['controller']->name }}, {{ $each['language']->endonym() }}</h2>
@if ($each['paragraph']->sentences === [])<p>No statement of this controller is in force.</p>@else
<div class="paragraph" lang="{{ $each['language']->value }}" id="paragraph-{{ $i }}">@foreach ($each['paragraph']->sentences as $sentence)<p>{{ $sentence }}</p>@endforeach</div>
<button type="button" data-copies="paragraph-{{ $i }}">Copy</button> <span role="status" id="copied-{{ $i }}"></span>
@endif
</section>
</div>
<aside class="margin" aria-label="What the notice of {{ $each['controller']->name }} lacks, {{ $each['language']->endonym() }}">
@unless ($each['link'])<section class="note"><p class="breach"><span class="shape breach" aria-hidden="true"></span> No link</p><p>{{ $each['controller']->name }} has no privacy notice in {{ $each['language']->endonym() }}, in which people are asked.</p></section>@endunless
@foreach ($each['paragraph']->lacks as $lack)<section class="note"><p class="weakness"><span class="shape weakness" aria-hidden="true"></span> Not said</p><p>{{ $lack }}</p></section>@endforeach
@forelse ($each['lacks'] as $lack)<section class="note"><p class="weakness"><span class="shape weakness" aria-hidden="true"></span> The notice lacks</p><p>{{ $lack }}</p></section>
@empty
@if ($each['held'])<p class="met"><span aria-hidden="true">✓</span> The notice speaks of each purpose and channel</p>@else<p class="soft">The text of this notice is not held here, so it is not compared. Paste it into <a href="{{ route('records.show', ['controller', $each['controller']->id]) }}">the controller's register</a>.</p>@endif
@endforelse
</aside>
</div>
@endforeach
@endsection
