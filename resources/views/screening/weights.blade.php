@extends('office.layout')
@section('title', 'What weighs how much')
@section('state', 'what screening notices, and how much each adds to a risk')
@section('content')
@include('screening.tabs')
<div class="beside">
<div class="page">
<p>{{ $page->says }}</p>
@foreach ($page->follows as $sentence)<p>{{ $sentence }}</p>@endforeach
<table class="weights">
<caption>Signals and their weights</caption>
<thead><tr><th scope="col">What is noticed</th><th scope="col" class="figure">Weighs</th>
@if ($page->mark !== null)<th scope="col" class="figure">Would weigh</th>@endif
<th scope="col"><span class="sr-only">Drawn</span></th><th scope="col">Of those a person decided</th><th scope="col" class="figure">In 30 days</th></tr></thead>
<tbody>
<tr class="soft"><th scope="row">Everybody starts with</th><td class="figure">{{ $page->base }}</td>
@if ($page->mark !== null)<td class="figure">{{ $page->baseAfter }}</td>@endif<td></td><td></td><td></td></tr>
@foreach ($page->rows as $row)
<tr><th scope="row">{{ $row->says }}<br><span class="soft">{{ $row->alone }}</span></th><td class="figure">{{ $row->before }}</td>
@if ($page->mark !== null)<td class="figure">@if ($row->differs)<b>{{ $row->after }}</b>@else{{ $row->after }}@endif</td>@endif
<td><svg width="90" height="14" aria-hidden="true"><rect y="2" width="{{ $row->wide }}" height="{{ $page->mark === null ? 10 : 4 }}"
 class="{{ $row->speaksFor ? 'weighs-for' : 'weighs' }}"/>
@if ($page->mark !== null)<rect x="0.5" y="8.5" width="{{ max(0, $row->wideAfter - 1) }}" height="4" class="would-weigh"/>@endif</svg></td>
<td class="soft line">{{ $row->seen }}</td><td class="figure">{{ $row->lately }}</td></tr>
@endforeach
</tbody>
</table>
@can('decide', App\Models\HeldSubmission::class)
@if ($page->mark !== null || ! $page->isOurs)
<form method="post" action="{{ route('screening.adopt') }}" class="ask">@csrf
<input type="hidden" name="mark" value="{{ $page->mark }}">
<label for="reason">Why these weights</label><input id="reason" name="reason" value="{{ old('reason') }}" autocomplete="off"
 @error('reason') aria-invalid="true" aria-describedby="wrong-reason" @enderror>
@if ($page->mark !== null)<button class="do" name="which" value="estimated">Use the estimate</button>@endif
@if (! $page->isOurs)<button name="which" value="ours">Ours again</button>@endif
@error('reason')<p class="wrong" id="wrong-reason" role="alert">{{ $message }}</p>@enderror
</form>
@endif
@endcan
</div>
<aside class="margin" aria-label="Notes">
<section><p><b>How they are learned</b></p>
<p class="soft">From what people accepted and refused: the weights under which those decisions are likeliest (regularised logistic regression), each held
 back towards ours, so that a few decisions change little. What nobody has decided about teaches nothing.</p>
<p class="soft">What speaks against a person never turns to speak for one. A network, a mail domain or a pattern that many share weighs no more than ours:
 sharing an address is not a sign of a bot.</p>
<p class="soft">{{ $page->words }} Words of fewer than five senders, and names, are never kept.</p>
<p class="soft">How surprised weights are by a decision is a mean: 0 is never, 0.69 is a coin.</p></section>
<section><p class="soft">Nothing changes by itself. Where an officer adopts an estimate, it holds from then on for every submission.</p></section>
</aside>
</div>
@endsection
