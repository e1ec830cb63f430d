// Takes the secret of a mail's link out of the address bar and the history once the page is open.
history.replaceState(null, '', '/' + location.pathname.split('/')[1]);
