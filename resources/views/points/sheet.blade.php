@extends('office.layout')
@section('title', $page->name)
@section('own-title', 'yes')
@section('content')
@include('points.body')
@if ($page->may)
<section class="page apart" aria-label="Image">
<form method="post" action="{{ $page->to('image') }}" enctype="multipart/form-data" class="ask">@csrf
<label for="image">An image above the form</label><input type="file" id="image" name="image" accept="image/png,image/jpeg,image/webp,image/gif" required
 @error('image') aria-invalid="true" aria-describedby="wrong-image" @enderror><button>Put it there</button>
<span class="soft">It is made small, at most 100 kB, and belongs to the edition.</span>
@error('image')<p class="wrong" id="wrong-image" role="alert">{{ $message }}</p>@enderror
</form></section>
<section class="page apart" aria-label="Gift">
<form method="post" action="{{ $page->to('gift') }}" enctype="multipart/form-data" class="ask">@csrf
<label for="gift">The file that is given</label><input type="file" id="gift" name="gift" accept="application/pdf,application/zip,image/png,image/jpeg" required
 @error('gift') aria-invalid="true" aria-describedby="wrong-gift" @enderror><button>Give this</button>
<span class="soft">A PDF, a picture or a ZIP of at most 8 MB. It has no address of its own, and belongs to the edition.</span>
@error('gift')<p class="wrong" id="wrong-gift" role="alert">{{ $message }}</p>@enderror
</form></section>
<section class="page apart" aria-label="Copy">
<form method="post" action="{{ $page->to('copy') }}" class="ask">@csrf
<label for="copy">Copy this sheet as</label><input id="copy" name="copy" class="short" autocomplete="off" value="{{ old('copy') }}"
 @error('copy') aria-invalid="true" aria-describedby="wrong-copy" @enderror><button>Copy</button>
<span class="soft">The copy follows the house; departures and exceptions are not taken along.</span>
@error('copy')<p class="wrong" id="wrong-copy" role="alert">{{ $message }}</p>@enderror
</form></section>
@endif
@endsection
@push('scripts')
<script src="/build/sortable.js" defer></script>
<script src="/build/drag.js" defer></script>
@endpush
