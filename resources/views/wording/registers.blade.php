@extends('office.layout')
@section('title', 'Registers')
@section('state', 'who asks, what for, by which means, and who else gets the details')
@section('content')
@include('wording.tabs')
<div class="page registers">
<section><h2>Controllers</h2>
<x-register :of="$page->controllers(request()->query('controllers'))" />
@if ($may)
<x-begins kind="controller" label="Add a controller called"><label for="new-address">at</label><input id="new-address" name="address" class="short"
 value="{{ $errors->has('name-controller') ? old('address') : '' }}"><button>Add</button></x-begins>
@endif
</section>
<section><h2>Purposes</h2>
<x-register :of="$page->purposes(request()->query('purposes'))" />
@if ($may)
<x-begins kind="purpose" label="Add a purpose that subscribers call"><x-of-controller id="of-purpose" label="of" :options="$page->choices()" />
<button>Add</button></x-begins>
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
<x-begins kind="processor" label="Add one called"><x-of-controller id="of-processor" label="that gets details of" :options="$page->choices()" />
<button>Add</button></x-begins>
@endif
</section>
</div>
@endsection
