{{-- While somebody types, the revision they began from stays what it is. --}}
@php($to = ['mend' => route('records.mend', [$record->kind->value, $record->slug])])
@unless ($typing ?? false)
@include('records.state', ['oob' => true])
@endunless
@include('records.margin', ['oob' => true])
@if ($record->kind === App\Models\RecordKind::Statement)
@foreach ($document['texts'] as $language => $text)
@include('fields.under', ['oob' => true, 'place' => "texts/$language", 'value' => $text])
@include('records.reads', ['oob' => true, 'language' => Juramen\Register\Language::from($language)])
@endforeach
@endif
