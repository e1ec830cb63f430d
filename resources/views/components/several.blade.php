@props(['action', 'what'])
<form method="post" action="{{ $action }}" id="several" class="several" data-several>@csrf
<b data-count hidden></b> <span class="soft">With the chosen {{ $what }}:</span> {{ $slot }}
</form>
