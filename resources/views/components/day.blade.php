@props(['of'])
{{ App\Support\Moments::plain($of) }}