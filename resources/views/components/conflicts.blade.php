@props(['of', 'news', 'to'])
@foreach ($of as $conflict)
<div class="conflict" role="alert">
<p>You and somebody else changed the same place ({{ $conflict->place->text() }}). Theirs is kept until you decide.</p>
<div><p class="soft">Theirs</p><blockquote>{{ is_scalar($conflict->theirs) ? $conflict->theirs : json_encode($conflict->theirs) }}</blockquote></div>
<div><p class="soft">Yours</p><blockquote>{{ is_scalar($conflict->mine) ? $conflict->mine : json_encode($conflict->mine) }}</blockquote>
@if (is_string($conflict->mine))
<button type="button" hx-post="{{ $to }}" hx-vals="{{ json_encode(['place' => $conflict->place->text(), 'value' => $conflict->mine]) }}">Use mine</button>
@endif
</div>
</div>
@endforeach
@if ($news !== '')<p class="said" role="status">{{ $news }}</p>@endif
