<p data-refusal="{{ $refusal }}">{{ $why }} {{ $stands ? 'Nothing was saved; what you typed still stands.' : 'Nothing was saved.' }}</p>
