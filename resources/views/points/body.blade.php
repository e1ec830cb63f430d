<div id="sheet-body" class="sheet-grid" data-change="{{ $page->to('change') }}" data-judge="{{ $page->to('judge') }}"
 data-since="{{ $page->to('sheet') }}/since"
 data-view="{{ http_build_query($page->proof->view->query()) }}">
@include('points.state', ['part' => false])
<fieldset class="page parts" @disabled(! $page->may)>
<legend class="sr-only">The sheet</legend>
<x-conflicts :of="$page->conflicts" :news="$page->news" />

<section aria-labelledby="part-1"><h2 id="part-1"><span>1</span> Place and people</h2>
<div class="sentence"><x-place.line :of="$page->called" /> stands at <x-place.line :of="$page->place" />
 and is <x-place.choice :of="$page->kind" /> of <b>{{ $page->controller }}</b>.
Visitors come from <x-place.several :of="$page->countries" />
 and read <x-place.several :of="$page->offered" />. <x-place.choice :of="$page->forChildren">.</x-place.choice>
 It opens <x-place.line :of="$page->opens" /> and closes <x-place.line :of="$page->closes">;</x-place.line> without days it is
open from its publishing on.</div>
@if ($page->toDo !== [])
<div class="to-do" role="group" aria-label="What remains to be done"><b>What remains to be done</b><ul>
@foreach ($page->toDo as $sentence)<li>{{ $sentence }}</li>@endforeach
</ul></div>
@endif
</section>

<section aria-labelledby="part-2"><h2 id="part-2"><span>2</span> What is asked</h2>
@if ($page->pages === [])
<p class="sentence">The form is one page. <x-place.press :of="$page->anotherPage" /></p>
@else
<ol class="form-pages" @if ($page->may) data-sorts @endif>
@foreach ($page->pages as $each)
<li data-item="{{ $each->place }}"><x-place.grip :of="$each->place" /> <span class="soft">{{ $each->number }}</span>
@foreach ($each->titles as $title)<x-place.line :of="$title" /> @endforeach
<span class="line">@foreach ($each->presses as $press)<x-place.press :of="$press" />@endforeach</span>
<p class="soft">{{ $each->holds }}</p></li>
@endforeach
</ol>
<p class="sentence"><x-place.press :of="$page->anotherPage" />
@if ($page->progress)Visitors <x-place.choice :of="$page->progress">.</x-place.choice>@endif</p>
@endif
<table class="asked" @if ($page->may) data-sorts @endif><caption>Fields of the form</caption>
<thead><tr><th scope="col">Field</th><th scope="col">Required?</th><th scope="col">Why it is asked</th></tr></thead>
@foreach ($page->fields as $field)
<tbody data-item="{{ $field->place }}">
<tr>
<td><x-place.grip :of="$field->place" />
@if ($field->kind)<x-place.choice :of="$field->kind" />@else{{ $field->name }}@endif <x-place.marks :of="$field->marks->marks" :at="$field->marks->at" /></td>
<td>@if ($field->required)<x-place.choice :of="$field->required" />@else{{ $field->always }}@endif</td>
<td><x-place.line :of="$field->reason" /></td>
</tr>
<tr class="read"><td colspan="3">
@foreach ($field->texts as $texts)
<p><span class="soft">{{ $texts->language }}</span> <x-place.line :of="$texts->label" /> <x-place.line :of="$texts->help" /></p>
@endforeach
@foreach ($field->own as $part)
<p><span class="soft">{{ $part->says }}</span> @foreach ($part->lines as $line)<x-place.line :of="$line" /> @endforeach</p>
@endforeach
@if ($field->another)
<ol @if ($page->may) data-sorts @endif>
@foreach ($field->answers as $answer)
<li data-item="{{ $answer->place }}"><x-place.grip :of="$answer->place" /> @foreach ($answer->labels as $label)<x-place.line :of="$label" /> @endforeach
<span class="line">@foreach ($answer->presses as $press)<x-place.press :of="$press" />@endforeach</span></li>
@endforeach
</ol>
<x-place.press :of="$field->another" />
@endif
<div class="placed">@if ($field->adds)<span>What somebody known chooses <x-place.choice :of="$field->adds">.</x-place.choice></span>@endif
@include('points.placing', ['placing' => $field->placing, 'shows' => 'asked'])
<span class="line">@foreach ($field->presses as $press)<x-place.press :of="$press" />@endforeach</span></div>
</td></tr>
</tbody>
@endforeach
</table>
<x-place.adding :of="$page->addField" />
</section>

<section aria-labelledby="part-3"><h2 id="part-3"><span>3</span> What is agreed to</h2>
<div @if ($page->may) data-sorts @endif>
@foreach ($page->statements as $statement)
<div class="agreed" data-item="{{ $statement->place }}">
<p class="sentence">@if (count($page->statements) > 1)<x-place.grip :of="$statement->place" />@endif
<x-place.choice :of="$statement->control" /> asks for <b>{{ $statement->purpose }}</b> by {{ $statement->channels }},
 in the words of <a href="{{ $statement->link }}">{{ $statement->name }}</a>. <x-marks :of="$statement->marks" />
@if ($statement->presses !== [])
<span class="line">@foreach ($statement->presses as $press)<x-place.press :of="$press" />@endforeach</span>
@endif</p>
@if ($statement->needed)<p>Here <x-place.choice :of="$statement->needed">.</x-place.choice></p>@endif
<div class="placed">@include('points.placing', ['placing' => $statement->placing, 'shows' => 'shown'])</div>
@foreach ($statement->words as $words)
@if ($words->html !== null)
<blockquote lang="{{ $words->language }}" class="as-read">{!! $words->html !!}</blockquote>
@else
<p class="breach">Not written in {{ $words->endonym }}.</p>
@endif
@endforeach
</div>
@endforeach
</div>
@if ($page->addStatement)<x-place.adding :of="$page->addStatement" />@endif
</section>

<section aria-labelledby="part-4"><h2 id="part-4"><span>4</span> How it is confirmed</h2>
@foreach ($page->confirmation as $sentence)
<p class="sentence">{{ $sentence }} @if ($loop->first)<x-marks :of="$page->confirmationMarks" />@endif</p>
@endforeach
@include('points.applied')
@include('points.gift', ['gift' => $page->gift])
</section>

<section aria-labelledby="part-5"><h2 id="part-5"><span>5</span> What visitors read</h2>
@foreach ($page->words as $group)
<p class="line numbers"><x-place.marks :of="$group->marks" :at="$group->at" /></p>
@foreach ($group->words as $words)<x-place.words :of="$words" />@endforeach
@endforeach
@unless ($page->ownNotice)<p class="sentence soft">The privacy notice is the controller's, in each language.</p>@endunless
@include('points.second', ['second' => $page->second])
@include('points.after', ['after' => $page->after])
</section>
<section aria-labelledby="part-6"><h2 id="part-6"><span>6</span> Where it goes</h2>
@foreach ($page->leads as $lead)
<p class="sentence">Whoever says yes to “{{ $lead->statement }}” @if ($lead->list !== null)comes, by {{ $lead->channel }}, onto
<a href="{{ $lead->link }}">{{ $lead->list }}</a>, {{ $lead->goes }}.@else may be reached by {{ $lead->channel }}, and comes onto
<a href="{{ $lead->link }}">no list</a>: nobody would send them anything.@endif
@if ($lead->caution !== '')<span class="weakness"><x-shape verdict="weakness" /> {{ $lead->caution }}</span>@endif</p>
@endforeach
@if ($page->acknowledges)
<p class="sentence">Whoever sends it <x-place.choice :of="$page->acknowledges">.</x-place.choice>
@if ($page->recipients === []) Nobody is told of it; it waits under <a href="{{ route('enquiries') }}">Enquiries</a>.@endif</p>
@foreach ($page->recipients as $recipient)
<div class="recipient"><x-place.line :of="$recipient->address" /> <span>gets <x-place.choice :of="$recipient->whole" /></span>
@if ($recipient->languages)<span>in <x-place.several :of="$recipient->languages" /></span>@endif
@if ($recipient->when)<span><x-place.choice :of="$recipient->when" /></span>@endif
@if ($recipient->answers)<span><x-place.several :of="$recipient->answers" /></span>@endif
<span class="line">@foreach ($recipient->presses as $press)<x-place.press :of="$press" />@endforeach</span></div>
@endforeach
<p class="sentence"><x-place.press :of="$page->anotherRecipient" /></p>
@endif
</section>
<section aria-labelledby="part-7"><h2 id="part-7"><span>7</span> How it looks</h2>
@include('points.look', ['look' => $page->look])
</section>
</fieldset>
@include('points.proof', ['part' => false])
@include('points.margin', ['part' => false])
</div>
