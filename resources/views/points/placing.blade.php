<span class="placing">
@if ($placing->page)<span>on <x-place.choice :of="$placing->page" /></span> @endif
@if ($placing->when)<span>{{ $shows }} <x-place.choice :of="$placing->when" />
@if ($placing->answers)<x-place.several :of="$placing->answers" />@endif</span>
@endif
@if ($placing->hint !== '')<span class="hint">{{ $placing->hint }}</span>@endif
</span>
