{{ $row->before }}@if ($row->link !== null)<a href="{{ $row->link }}">{{ $row->about }}</a>@else{{ $row->about }}@endif{{ $row->after }}
@if ($row->detail !== '')<span class="soft">{{ $row->detail }}</span>@endif
