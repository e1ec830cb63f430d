@php
use App\Support\Moments;
$here = [$record->kind->value, $record->slug];
$mayWrite = auth()->user()->can('write', [App\Models\Record::class, $record->kind]) && $record->retired_at === null;
$today = now()->format('Y-m-d');
@endphp
<aside id="margin" class="margin" aria-label="Notes" @if ($oob) hx-swap-oob="true" @endif>
<p class="soft">Margin</p>
@if ($last?->decision === App\Models\Decided::Returned && $state === 'draft')
<section class="returned"><p><b>Came back</b> from {{ $last->decider->name }}, {{ Moments::day($last->decided_at) }}</p><p>{{ $last->reply }}</p></section>
@endif
@if ($judgement !== null)
@include('fields.notes', ['offered' => count($thing->texts->toArray()), 'may' => $mayWrite, 'excepted' => []])
@foreach ($unfilled as $each)
<section class="note"><p class="breach"><span class="shape breach" aria-hidden="true"></span> Cannot be filled</p><p>{{ $each }}</p></section>
@endforeach
<section><p><b>Placeholders</b></p>
<dl class="fillings">@foreach (Juramen\Wording\Placeholder::cases() as $each)<dt class="mono">{{ '{'.$each->value.'}' }}</dt><dd>{{ $each->says() }}</dd>@endforeach</dl>
<p class="soft">Filled from the registers at publishing. *Words* are stressed; [words](https://…) are a link.</p></section>
<section><p><b>Where it stands</b></p>
@forelse ($uses['sheets'] as $sheet)<p><a href="{{ route('points.sheet', $sheet['slug']) }}">{{ $sheet['name'] }}</a> @if ($lacking = array_diff($sheet['languages'], array_keys($thing->texts->toArray())))<span class="breach">offers {{ implode(', ', array_map(fn ($l) => Juramen\Register\Language::from($l)->endonym(), $lacking)) }}, which is not written</span>@endif</p>@empty<p class="soft">On no sheet.</p>@endforelse
</section>
@endif
@if ($thing instanceof Juramen\Register\Processor)
@forelse ($thing->lacks($today) as $lack)<section class="note"><p class="breach"><span class="shape breach" aria-hidden="true"></span> Not on record</p><p>{{ $lack }}</p><p class="soft">GDPR Art. 28(3), 44 to 49</p></section>@empty<p class="met"><span aria-hidden="true">✓</span> Contract, place and ground are on record</p>@endforelse
@endif
@foreach ($related as $title => $links)
<section><p><b>{{ $title }}</b></p>
@forelse ($links as [$name, $link, $more])<p><a href="{{ $link }}">{{ $name }}</a>@if ($more !== '') <span class="soft">{{ $more }}</span>@endif</p>@empty<p class="soft">None.</p>@endforelse
</section>
@endforeach
@foreach ($editions as $edition)
<section>
<p><b>Edition {{ $edition->number }}</b> @if ($edition->effective > Illuminate\Support\Carbon::parse((string) $edition->approved_at->utc->format('Y-m-d'))->format('Y-m-d'))from {{ Moments::plain($edition->effective) }}@endif</p>
<p class="soft">approved {{ Moments::exact($edition->approved_at) }} by {{ $edition->approver->name }}@if ($edition->comment !== ''): {{ $edition->comment }}@endif</p>
@if ($judgement !== null)
@php($people = $uses['editions'][$edition->number]['people'])
<p>@can('viewAny', App\Models\Subscriber::class)<a href="{{ route('evidence.signups', ['state' => 'confirmed', 'words' => $edition->digest->hex()]) }}">{{ number_format($people) }} {{ $people === 1 ? 'person' : 'people' }}</a>@else{{ number_format($people) }} {{ $people === 1 ? 'person' : 'people' }}@endcan agreed to exactly these words</p>
<p class="soft">{{ implode('; ', $uses['editions'][$edition->number]['points']) ?: 'stood on no point' }}</p>
@endif
<p class="mono soft">{{ $edition->digest->hex() }}</p>
</section>
@endforeach
<p><a href="{{ route('records.history', $here) }}">{{ $judgement !== null ? 'Compare editions and languages' : 'Compare editions' }}</a></p>
</aside>
