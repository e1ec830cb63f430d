@extends('office.layout')
@section('title', 'Registers')
@section('state', 'who asks, what for, by which means, and who else gets the details')
@section('content')
@include('wording.tabs')
<div class="page registers">
@error('name')<p class="wrong" role="alert">{{ $message }}</p>@enderror
<section><h2>Controllers</h2>
<x-register title="Controllers" :columns="['Name', 'Where', 'Reached at', 'Privacy notice']" :rows="$page->controllers()" />
@if ($may)
<form method="post" action="{{ route('records.begin', 'controller') }}" class="ask">@csrf
<label for="new-controller">Add a controller called</label><input id="new-controller" name="name" class="short">
<label for="new-address">at</label><input id="new-address" name="address" class="short"><button>Add</button></form>
@endif
</section>
<section><h2>Purposes</h2>
<x-register title="Purposes" :columns="['Purpose', 'What comes', 'Stands on', 'Asked again after', 'Statements']" :rows="$page->purposes()" />
@if ($may)
<form method="post" action="{{ route('records.begin', 'purpose') }}" class="ask">@csrf
<label for="new-purpose">Add a purpose that subscribers call</label><input id="new-purpose" name="name">
<x-of-controller id="of-purpose" label="of" :options="$page->choices()" /><button>Add</button></form>
@endif
</section>
<section><h2>Channels</h2>
<x-register title="Channels" :columns="['Channel', 'Consent is asked for again after', 'Statements that ask for it']" :rows="$page->channels()" />
</section>
<section><h2>Processors and recipients</h2>
@if ($page->processors() === [])<p>Nobody else is on record as getting contact details.</p>@else
<x-register title="Processors and recipients" :columns="['Name', 'What it does', 'Purposes', 'Contract', 'Details kept in']" :rows="$page->processors()"
 :record="true" />
@endif
@if ($may)
<form method="post" action="{{ route('records.begin', 'processor') }}" class="ask">@csrf
<label for="new-processor">Add one called</label><input id="new-processor" name="name" class="short">
<x-of-controller id="of-processor" label="that gets details of" :options="$page->choices()" /><button>Add</button></form>
@endif
</section>
</div>
@endsection
