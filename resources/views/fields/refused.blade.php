<div id="sheet-said" hx-swap-oob="true" class="wrong" role="alert"
 data-refusal="{{ $refusal }}">{{ $why }} Nothing was saved; what you typed still stands.</div>
