@if ($gift !== null)
<h2>{{ $say('gift.title') }}</h2>
<p>{{ $say('gift.text', ['day' => $giftDay]) }}</p>
<p><a class="gift" href="{{ $gift->url }}" download>{{ $gift->name }}</a></p>
@endif
