{{-- What stands under and beside the fields of texts. --}}
@if ($judged->proof() !== null)@include('records.mail-proof', ['proof' => $judged->proof(), 'part' => true])@endif
@if ($judged->form instanceof App\Pages\Registers\Forms\StatementForm)
@foreach ($judged->form->texts as $text)
<x-place.layer :of="$text->words" :part="true" />
<x-place.marks :of="$text->marks" :at="$text->words->id" :part="true" />
<x-place.preview :of="$text" :part="true" />
@endforeach
@endif
