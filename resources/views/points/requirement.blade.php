@extends('office.layout')
@section('title', $page->requirement->title())
@section('state', $page->requirement->id())
@section('content')
@include('audit.tabs')
<div class="beside">
<div class="page reading">
<section><h2>What it is about</h2><p>{{ $page->explained->says }}</p></section>
<section><h2>Source</h2><p>{{ $page->requirement->source()->text }}</p>
<p class="soft">{{ __('office.sources.'.$page->requirement->source()->kind->value) }}
 {{ $page->requirement->source()->sure() }} Read the source itself before you rely on it.</p></section>
<section><h2>How it is checked</h2><p>{{ $page->explained->checks }}</p></section>
<section><h2>What cannot be seen</h2>@if ($page->explained->unseen !== '')<p>{{ $page->explained->unseen }}</p>@endif
<p class="soft">Juramen says what was read and what was found there. A doubtful case is called open, with the question, and is for a person to
 decide.</p></section>
@if ($page->explained->kept !== '')<section><h2>Kept, for example</h2><p>{{ $page->explained->kept }}</p></section>@endif
@if ($page->explained->missed !== '')<section><h2>Missed, for example</h2><p>{{ $page->explained->missed }}</p></section>@endif
@if ($page->explained->meets !== '')<section><h2>A form that meets it</h2><pre class="example">{{ $page->explained->meets }}</pre></section>@endif
@if ($page->explained->misses !== '')<section><h2>A form that does not</h2><pre class="example">{{ $page->explained->misses }}</pre>
<p class="soft">Found on it: {{ $page->explained->found }}</p></section>@endif
@foreach ($page->heard as $heard)
<section class="heard"><h2>A sentence that {{ $heard->says }}</h2>
@foreach ($heard->languages as $sentences)
<details @if ($loop->first) open @endif><summary>{{ $sentences->name }}</summary>
<div class="heard-sentences">
<div><h3>Does</h3><ul lang="{{ $sentences->language }}">@foreach ($sentences->do as $each)<li>{{ $each }}</li>@endforeach</ul></div>
<div><h3>Only looks like it</h3><ul lang="{{ $sentences->language }}">@foreach ($sentences->doNot as $each)<li>{{ $each }}</li>@endforeach</ul></div>
</div></details>
@endforeach
</section>
@endforeach
@if ($page->heard !== [])<section><h2>Said to be read wrongly</h2>
@forelse ($page->misread as $each)<p lang="{{ $each->language }}">{{ $each->sentence }}</p><p class="soft">{{ $each->said }}</p>
@empty<p class="soft">None. Beside a note, “Read wrongly” keeps its sentence here, for whoever looks after the language.</p>@endforelse
@if ($page->misread !== [])<p><a href="{{ route('requirements.misread') }}" download>All such sentences, as text</a></p>@endif
</section>@endif
</div>
<aside class="margin" aria-label="All requirements">
@foreach ($groups as $group)<section><p class="soft">{{ $group->title }}</p>
@foreach ($group->requirements as $each)<p>@if ($each->id() === $page->requirement->id())<b>{{ $each->title() }}</b>@else<a
 href="{{ route('requirement', $each->id()) }}">{{ $each->title() }}</a>@endif</p>@endforeach
</section>@endforeach
<section><p class="soft">Not judged yet, and in no result</p>
@foreach ($notYet as $each)<p>{{ $each->title }} <span class="soft">{{ $each->lacks }}</span></p>@endforeach
</section>
</aside>
</div>
@endsection
