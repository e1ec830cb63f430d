<aside class="margin" aria-label="Notes" id="found">
@if ($page->found)
@include('audit.findings', ['found' => $page->found, 'from' => 'grid'])
<p><a href="{{ request()->fullUrlWithQuery(['form' => null, 'requirement' => null]) }}">What is to be decided of all forms</a></p>
@elseif ($page->cause)
@include('audit.cause', ['cause' => $page->cause])
<p><a href="{{ request()->fullUrlWithQuery(['form' => null, 'requirement' => null]) }}">What is to be decided of all forms</a></p>
@else
<p class="soft">To be decided, those that touch most people first</p>
@forelse ($page->causes as $cause)
<section class="cause"><p class="{{ $cause->verdict }}"><x-shape :verdict="$cause->verdict" /> <a class="ink"
 href="{{ request()->fullUrlWithQuery(['form' => null, 'requirement' => $cause->requirement]) }}"><b>{{ $cause->name }}</b></a>
<span class="soft">{{ $cause->count === 1 ? '1 form' : "$cause->count forms" }}@if ($cause->people > 0), {{ number_format($cause->people) }}
 {{ $cause->people === 1 ? 'person' : 'people' }}@endif</span></p>
<p><a href="{{ request()->fullUrlWithQuery(['form' => $cause->first, 'requirement' => $cause->requirement]) }}">{{ $cause->forms }}</a></p></section>
@empty
<p class="met">✓ Nothing.</p>
@endforelse
@endif
</aside>
