{{-- What follows from the fields, once they are saved. --}}
@include('records.state', ['oob' => true])
@include('records.margin', ['oob' => true])
@include('records.texts', ['judged' => $page->judged])
