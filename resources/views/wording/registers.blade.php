@extends('office.layout')
@section('title', 'Registers')
@section('state', 'who asks, what for, by which means, and who else gets the details')
@section('content')
@include('wording.tabs')
<div class="page registers">
@error('name')<p class="wrong" role="alert">{{ $message }}</p>@enderror
<section><h2>Controllers</h2>
<x-register :of="$page->controllers(request()->query('controllers'))" />
@if ($may)
<form method="post" action="{{ route('records.begin', 'controller') }}" class="ask">@csrf
<label for="new-controller">Add a controller called</label><input id="new-controller" name="name" class="short">
<label for="new-address">at</label><input id="new-address" name="address" class="short"><button>Add</button></form>
@endif
</section>
<section><h2>Purposes</h2>
<x-register :of="$page->purposes(request()->query('purposes'))" />
@if ($may)
<form method="post" action="{{ route('records.begin', 'purpose') }}" class="ask">@csrf
<label for="new-purpose">Add a purpose that subscribers call</label><input id="new-purpose" name="name">
<x-of-controller id="of-purpose" label="of" :options="$page->choices()" /><button>Add</button></form>
@endif
</section>
<section><h2>Channels</h2>
<x-register :of="$page->channels(request()->query('channels'))" />
</section>
<section><h2>Processors and recipients</h2>
@php($processors = $page->processors(request()->query('processors')))
@if ($processors->rows === [])<p>Nobody else is on record as getting contact details.</p>@else
<x-register :of="$processors" />
@endif
@if ($may)
<form method="post" action="{{ route('records.begin', 'processor') }}" class="ask">@csrf
<label for="new-processor">Add one called</label><input id="new-processor" name="name" class="short">
<x-of-controller id="of-processor" label="that gets details of" :options="$page->choices()" /><button>Add</button></form>
@endif
</section>
</div>
@endsection
