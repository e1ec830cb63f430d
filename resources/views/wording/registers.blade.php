@extends('office.layout')
@php
use App\Models\Record;
use App\Models\RecordKind;
use Juramen\Points\Sentences;
use Juramen\Register\Channel;
use Juramen\Register\Language;
$used = fn (Channel $channel): array => array_keys(array_filter($registers->statements, fn ($s) => in_array($channel, $s->channels, true)));
$named = fn ($p) => $p->names->has(Language::English) ? $p->names->in(Language::English) : $p->id;
@endphp
@section('title', 'Registers')
@section('state', 'who asks, what for, by which means, and who else gets the details')
@section('content')
@include('wording.ways')
<div class="page registers">
@error('name')<p class="wrong" role="alert">{{ $message }}</p>@enderror
<section><h2>Controllers</h2>
<table><caption>Controllers</caption><thead><tr><th scope="col">Name</th><th scope="col">Where</th><th scope="col">Reached at</th><th scope="col">Privacy notice</th></tr></thead><tbody>
@foreach ($registers->controllers as $each)<tr><td><a href="{{ route('records.show', ['controller', $each->id]) }}"><b>{{ $each->name }}</b></a> <span class="swatch-dot" data-colour="{{ $each->accent }}"></span></td><td>{{ $each->postalAddress }}</td><td>{{ $each->contact }}</td><td>{{ implode(', ', array_map(fn ($l) => Language::from($l)->endonym(), array_keys($each->notice->toArray()))) }}@if ($each->noticeText->toArray() !== []) <span class="soft">text held in {{ implode(', ', array_map(fn ($l) => Language::from($l)->endonym(), array_keys($each->noticeText->toArray()))) }}</span>@endif</td></tr>@endforeach
</tbody></table>
@can('write', [Record::class, RecordKind::Controller])<form method="post" action="{{ route('records.begin', 'controller') }}" class="ask">@csrf<label for="new-controller">Add a controller called</label><input id="new-controller" name="name" class="short"><label for="new-address">at</label><input id="new-address" name="address" class="short"><button>Add</button></form>@endcan
</section>
<section><h2>Purposes</h2>
<table><caption>Purposes</caption><thead><tr><th scope="col">Purpose</th><th scope="col">What comes</th><th scope="col">Stands on</th><th scope="col">Asked again after</th><th scope="col">Statements</th></tr></thead><tbody>
@foreach ($registers->purposes as $each)<tr><td><a href="{{ route('records.show', ['purpose', $each->id]) }}"><b>{{ ucfirst($named($each)) }}</b></a><br><span class="soft">{{ $registers->controller($each->controller)->name }}</span></td><td>{{ $each->contents->has(Language::English) ? $each->contents->in(Language::English) : '' }}@if ($each->rates->has(Language::English)), {{ $each->rates->in(Language::English) }}@endif</td><td>{{ $each->basis->says() }}@if ($each->measures)<br><span class="soft">opens and clicks measured</span>@endif</td><td class="line">{{ $each->refreshMonths === 0 ? 'as the house: '.$registers->house->refreshMonths['email'] : $each->refreshMonths }} months</td><td>{{ implode(', ', array_keys(array_filter($registers->statements, fn ($s) => $s->purpose === $each->id))) ?: 'none' }}</td></tr>@endforeach
</tbody></table>
@can('write', [Record::class, RecordKind::Purpose])<form method="post" action="{{ route('records.begin', 'purpose') }}" class="ask">@csrf<label for="new-purpose">Add a purpose that subscribers call</label><input id="new-purpose" name="name">@if (count($registers->controllers) > 1)<label for="of-purpose">of</label><select id="of-purpose" name="controller">@foreach ($registers->controllers as $each)<option value="{{ $each->id }}">{{ $each->name }}</option>@endforeach</select>@endif<button>Add</button></form>@endcan
</section>
<section><h2>Channels</h2>
<table><caption>Channels</caption><thead><tr><th scope="col">Channel</th><th scope="col">Consent is asked for again after</th><th scope="col">Statements that ask for it</th></tr></thead><tbody>
@foreach (Channel::cases() as $channel)<tr><td>{{ $channel->value }}</td><td>{{ $registers->house->refreshMonths[$channel->value] ?? '' }} months</td><td>{{ implode(', ', $used($channel)) ?: 'none' }}</td></tr>@endforeach
</tbody></table></section>
<section><h2>Processors and recipients</h2>
@if ($registers->processors === [])<p>Nobody else is on record as getting contact details.</p>@else
<table><caption>Processors and recipients</caption><thead><tr><th scope="col">Name</th><th scope="col">What it does</th><th scope="col">Purposes</th><th scope="col">Contract</th><th scope="col">Details kept in</th><th scope="col">On record?</th></tr></thead><tbody>
@foreach ($registers->processors as $each)<tr><td><a href="{{ route('records.show', ['processor', $each->id]) }}"><b>{{ $each->name }}</b></a><br><span class="soft">{{ $each->own ? 'for its own use' : 'works for us' }}</span></td><td>{{ $each->does }}</td><td>{{ implode(', ', $each->purposes) }}</td><td>{{ $each->contract ?: 'none' }}@if ($each->until !== '')<br><span class="soft">until {{ App\Support\Moments::plain($each->until) }}</span>@endif</td><td>{{ $each->country === '' ? 'not said' : Sentences::country($each->country) }}</td><td>@forelse ($each->lacks($today) as $lack)<span class="breach"><span class="shape breach" aria-hidden="true"></span> {{ $lack }}</span> @empty<span class="met">✓ all</span>@endforelse</td></tr>@endforeach
</tbody></table>@endif
@can('write', [Record::class, RecordKind::Processor])<form method="post" action="{{ route('records.begin', 'processor') }}" class="ask">@csrf<label for="new-processor">Add one called</label><input id="new-processor" name="name" class="short">@if (count($registers->controllers) > 1)<label for="of-processor">that gets details of</label><select id="of-processor" name="controller">@foreach ($registers->controllers as $each)<option value="{{ $each->id }}">{{ $each->name }}</option>@endforeach</select>@endif<button>Add</button></form>@endcan
</section>
</div>
@endsection
