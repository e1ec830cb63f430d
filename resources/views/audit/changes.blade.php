<ul class="changes">
@foreach ($changes as $change)
<li @class(['grave' => $change->isGrave])>{{ $change->says }}
@if ($change->words)<x-difference :of="$change->words" />@else
@if ($change->before !== '')<del>{{ $change->before }}</del> @endif
@if ($change->after !== '')<ins>{{ $change->after }}</ins>@endif
@endif</li>
@endforeach
</ul>
