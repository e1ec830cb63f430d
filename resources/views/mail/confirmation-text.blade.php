@if ($greeting !== '')
{{ $greeting }}

@endif
{{ $words->word('heading') }}

{{ $words->word('because') }}

@foreach ($statements as $statement)
  {{ $statement }}

@endforeach
{{ $words->word('button') }}:
{{ $link }}

{{ $words->word('ignore') }}
@if ($stop)

{{ $stopping->word('withdraw-text') }}
{{ $stop }}
@endif

@include('mail.foot-text')
