@props(['of', 'news'])
@foreach ($of as $conflict)
<div class="conflict" role="alert" data-at="{{ $conflict->at }}">
<p>You and somebody else changed the same: {{ $conflict->name }}. Theirs is kept until you decide.</p>
<div><p class="soft">Theirs</p><blockquote>{{ $conflict->theirs }}</blockquote>
<button type="button" id="keep-{{ $conflict->at }}" data-keeps="{{ $conflict->at }}">Keep theirs</button></div>
<div><p class="soft">Yours</p><blockquote>{{ $conflict->mine }}</blockquote>
@if ($conflict->settles !== null)
<button type="button" id="settle-{{ $conflict->at }}" data-place="{{ $conflict->place }}" data-settles="{{ $conflict->settles }}"
 data-follows="{{ $conflict->at }}">Use mine</button>
@endif
</div>
</div>
@endforeach
@if ($news !== '')<p class="said" role="status">{{ $news }}</p>@endif
