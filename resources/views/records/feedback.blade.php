{{-- What follows from the fields, once they are saved. --}}
@include('records.state', ['part' => true])
@include('records.margin', ['part' => true])
@include('records.texts', ['judged' => $page->judged])
