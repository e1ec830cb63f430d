<p data-refusal="{{ $refusal }}">{{ $why }} Nothing was saved; what you typed still stands.</p>
