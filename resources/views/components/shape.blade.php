@props(['verdict'])
<span class="shape {{ $verdict }}" aria-hidden="true"></span>
