{{ $words->word('heading') }}

{{ $words->word('text') }}

@include('mail.gift-text')
{{ $words->word('ignore') }}

@include('mail.foot-text')
