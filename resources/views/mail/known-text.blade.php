{{ $words->word('heading') }}

{{ $words->word('because') }}

@if ($link)
{{ $words->word('button') }}:
{{ $link }}

@else
@foreach ($statements as $statement)
  {{ $statement }}

@endforeach
@endif
@include('mail.gift-text')
{{ $words->word('withdraw-text') }}
{{ $stop }}

{{ $words->word('ignore') }}

@include('mail.foot-text')
