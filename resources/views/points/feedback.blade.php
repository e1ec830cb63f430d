{{-- What follows from the fields; while somebody types, the revision they began from stays what it is. --}}
@if ($page instanceof App\Pages\Points\SheetPage)
@include('points.state', ['part' => true])
@endif
@include('points.proof', ['part' => true])
@include('points.margin', ['part' => true])
@foreach ($page->after->judged() as $line)<x-place.fault :of="$line" :part="true" />@endforeach
@foreach ($page->second->rows as $row)<x-place.marks :of="$row->marks" :at="$row->at" :part="true" />@endforeach
@foreach ($page->fieldMarks() as $field)<x-place.marks :of="$field->marks" :at="$field->at" :part="true" />@endforeach
@foreach ($page->words as $group)
<x-place.marks :of="$group->marks" :at="$group->at" :part="true" />
@foreach ($group->words as $words)<x-place.layer :of="$words" :part="true" />@endforeach
@endforeach
