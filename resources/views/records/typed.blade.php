{{-- What follows from what is being typed; the revision it began from stays what it is. --}}
@include('records.judged', ['part' => true])
@include('records.texts')
