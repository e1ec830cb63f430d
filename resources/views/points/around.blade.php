{{-- While somebody types, the revision they began from stays what it is. --}}
@unless ($typing ?? false)
@include('points.state', ['oob' => true])
@endunless
@include('points.proof', ['oob' => true])
@include('points.margin', ['oob' => true])
@foreach ($sheet->languages as $language)
@foreach ($sheet->statements as $i => $statement)
@include('points.under', ['oob' => true, 'place' => "statements/$i/texts/{$language->value}", 'value' => $statement->texts->has($language) ? $statement->texts->in($language) : ''])
@endforeach
@foreach (['title' => $sheet->title, 'purpose-line' => $sheet->purposeLine, 'button' => $sheet->button] as $place => $texts)
@include('points.under', ['oob' => true, 'place' => "$place/{$language->value}", 'value' => $texts->has($language) ? $texts->in($language) : ''])
@endforeach
@endforeach
