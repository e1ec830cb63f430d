<aside id="margin" class="margin" aria-label="Notes" @if ($oob) hx-swap-oob="true" @endif>
<p class="soft">Margin</p>
@include('fields.notes', ['offered' => count($sheet->languages), 'may' => auth()->user()->can('change', App\Models\Point::class), 'to' => ['mend' => route('points.mend', $point->slug)]])
</aside>
