{{-- What comes while the lines are moved; the reason that somebody is writing stands between, and stays. --}}
@include('screening.follows')
@include('screening.moved', ['part' => true])
