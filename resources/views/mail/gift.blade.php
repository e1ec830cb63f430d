@if ($gift)
<p class="text" style="margin:0 0 16px">{{ $giftText }}
<a href="{{ $gift->url }}" style="color:{{ $controller->accent }}">{{ $gift->name }}</a></p>
@endif
