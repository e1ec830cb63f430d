@props(['of'])
<p {{ $attributes->class('change') }}>{!! App\Support\Underlines::difference($of) !!}</p>
