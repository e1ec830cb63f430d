@props(['at'])
{{ App\Support\Moments::exact($at) }}