{{-- What follows from the fields; while somebody types, the revision they began from stays what it is. --}}
@if ($page instanceof App\Pages\Points\SheetPage)
@include('points.state', ['oob' => true])
@endif
@include('points.proof', ['oob' => true])
@include('points.margin', ['oob' => true])
@foreach ($page->words as $group)
@foreach ($group->words as $words)<x-place.layer :of="$words" :oob="true" />@endforeach
@endforeach
