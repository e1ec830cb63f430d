{{ $greeting }}

{{ $words->word('text') }}

@foreach ($statements as $statement)
  {{ $statement }}

@endforeach
@include('mail.gift-text')
{{ $words->word('withdraw-text') }}
{{ $link }}
@if ($notTheirs)

{{ $words->word('not-theirs-text') }}
{{ $notTheirs }}
@endif

@include('mail.foot-text')
