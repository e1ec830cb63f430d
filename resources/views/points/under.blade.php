<div class="under" id="under-{{ str_replace('/', '-', $place) }}" aria-hidden="true" @if ($oob) hx-swap-oob="true" @endif>{!! App\Support\Underlines::html($value, $place, $judgement->notes) !!}</div>
