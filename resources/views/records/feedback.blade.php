{{-- What follows from the fields; while somebody types, the revision they began from stays what it is. --}}
@unless ($typing)
@include('records.state', ['oob' => true])
@endunless
@include('records.margin', ['oob' => true])
@if ($page->form instanceof App\Pages\Registers\Forms\StatementForm)
@foreach ($page->form->texts as $text)
<x-place.layer :of="$text->words" :oob="true" />
<x-place.preview :of="$text" :oob="true" />
@endforeach
@endif
