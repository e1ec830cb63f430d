{{-- While somebody types, the revision they began from stays what it is. --}}
@unless ($typing ?? false)
@include('points.state', ['oob' => true])
@endunless
@include('points.proof', ['oob' => true])
@include('points.margin', ['oob' => true])
@foreach ($sheet->languages as $language)
@foreach (['title' => $sheet->title, 'purpose-line' => $sheet->purposeLine, 'button' => $sheet->button] as $place => $texts)
@include('fields.under', ['oob' => true, 'place' => "$place/{$language->value}", 'value' => $texts->has($language) ? $texts->in($language) : ''])
@endforeach
@endforeach
