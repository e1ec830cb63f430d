<div id="sheet-said" hx-swap-oob="true" class="wrong" role="alert">{{ $why }} Nothing was saved; what you typed still stands.</div>
