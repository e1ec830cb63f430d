{{ $words->word('heading') }}

{{ $words->word('text') }}

{{ $words->word('ignore') }}

@include('mail.foot-text')
