<form method="post" action="{{ route('held.decide') }}">@csrf
@foreach ($ids as $id)<input type="hidden" name="chosen[]" value="{{ $id }}">@endforeach
<button class="plain" name="act" value="accept" aria-label="Accept {{ $what }}">Accept{{ $all }}</button>
<button class="plain" name="act" value="refuse" aria-label="Refuse {{ $what }}">Refuse{{ $all }}</button></form>
