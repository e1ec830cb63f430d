@props(['column', 'by'])
<th scope="col" {{ $attributes }} @if ($by->aria($column) !== null) aria-sort="{{ $by->aria($column) }}" @endif
><a class="sorts" href="{{ request()->fullUrlWithQuery([$by->parameter => $by->next($column), 'page' => null]) }}">{{ $slot }}</a></th>
