// Keys of the office, and what a sheet needs beside htmx: growing fields, undo by key, and nothing typed ever lost.
(() => {
  const typing = (element) => element && (/^(input|textarea|select)$/i.test(element.tagName) || element.isContentEditable);
  let going = false;

  document.addEventListener('keydown', (event) => {
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && !(typing(event.target) && unsaved(event.target))) {
      const id = event.shiftKey ? 'redo' : 'undo';
      if (!document.getElementById(id)) return;
      event.preventDefault();
      afterSaving(() => { const button = document.getElementById(id); if (button && !button.disabled) button.click(); });
      return;
    }
    if (typing(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
    if (going) {
      going = false;
      const link = document.querySelector(`[data-go="${CSS.escape(event.key)}"]`);
      if (link) { event.preventDefault(); link.click(); }
    } else if (event.key === 'g') {
      going = true;
      setTimeout(() => { going = false; }, 1500);
    } else if (event.key === '/') {
      const field = document.getElementById('email') ?? document.getElementById('find-anything');
      if (field) { event.preventDefault(); field.tagName === 'A' ? field.click() : field.focus(); }
    } else if (event.key === '?') {
      document.getElementById('keys')?.showModal();
    }
  });

  // Whoever leaves a field and undoes at once means the change that is just being saved.
  function afterSaving(act) {
    if (!document.querySelector('#sheet-body .htmx-request')) return act();
    document.addEventListener('htmx:afterSettle', () => setTimeout(() => afterSaving(act), 0), { once: true });
  }

  function unsaved(field) {
    return 'defaultValue' in field && field.type !== 'checkbox' && field.value !== field.defaultValue;
  }

  // Where the browser sizes a field by its content itself, nothing is left to do.
  const growsByItself = CSS.supports('field-sizing', 'content');
  function grow(field) {
    if (growsByItself) return;
    field.style.height = 'auto';
    field.style.height = `${field.scrollHeight + 2}px`;
  }
  const growAll = () => document.querySelectorAll('textarea[data-grows]').forEach(grow);
  document.addEventListener('input', (event) => { if (event.target.matches?.('textarea[data-grows]')) grow(event.target); });
  document.addEventListener('DOMContentLoaded', growAll);
  document.addEventListener('htmx:afterSettle', growAll);

  // A title, line or button has one line: Enter saves it instead of breaking it.
  document.addEventListener('keydown', (event) => {
    if (event.key === 'Enter' && event.target.matches?.('textarea[rows="1"]')) {
      event.preventDefault();
      event.target.dispatchEvent(new Event('change', { bubbles: true }));
    }
  });

  // What was saved is the new beginning of the field.
  document.addEventListener('htmx:afterRequest', (event) => {
    const field = event.detail.elt;
    const request = event.detail.requestConfig;
    if (event.detail.successful && request.path.endsWith('/change') && typing(field) && 'defaultValue' in field) {
      field.defaultValue = request.parameters.value ?? field.value;
    }
  });

  // Others' changes wait while somebody types; they are merged when the typing is saved.
  document.addEventListener('htmx:beforeSwap', (event) => {
    const field = document.activeElement;
    if (/\/since\/\d+$/.test(event.detail.requestConfig?.path ?? '') && typing(field) && unsaved(field)) event.detail.shouldSwap = false;
  });

  // A form is sent once, however often its button is pressed; coming back to the page, it can be sent again.
  document.addEventListener('submit', (event) => {
    const form = event.target;
    if (form.method !== 'post' || form.hasAttribute('hx-post') || event.defaultPrevented) return;
    if (form.dataset.sent) { event.preventDefault(); return; }
    form.dataset.sent = 'yes';
  });
  window.addEventListener('pageshow', () => document.querySelectorAll('form[data-sent]').forEach((form) => delete form.dataset.sent));

  // A paragraph for elsewhere.
  document.addEventListener('click', (event) => {
    const button = event.target.closest?.('[data-copies]');
    if (!button) return;
    const text = [...document.getElementById(button.dataset.copies).children].map((line) => line.textContent).join('\n');
    const said = document.getElementById(button.dataset.copies.replace('paragraph', 'copied'));
    navigator.clipboard.writeText(text).then(() => { said.textContent = 'Copied.'; }, () => { said.textContent = 'Could not copy; select the text instead.'; });
  });

  // A failed request loses nothing: what was typed stays, and it is said what to do.
  const failed = (event) => {
    if (event.detail.requestConfig?.verb === 'get') return;
    const status = event.detail.xhr?.status ?? 0;
    const place = document.getElementById('sheet-said');
    if (!place) return;
    place.className = 'wrong';
    place.setAttribute('role', 'alert');
    place.textContent = status === 419 || status === 401
      ? 'Your session ended while you typed. Nothing you typed is lost: sign in again in another window, then change the field once more.'
      : status === 403 ? 'Your role may not change this. Nothing was saved; what you typed still stands.'
        : 'This could not be saved just now. What you typed still stands; change the field once more in a moment.';
    if (status === 419 || status === 401) {
      const link = document.createElement('a');
      link.href = '/login';
      link.target = '_blank';
      link.textContent = ' Sign in';
      place.append(link);
    }
  };
  document.addEventListener('htmx:responseError', failed);
  document.addEventListener('htmx:sendError', failed);

  // After signing in elsewhere the page still carries the old token; the new one is fetched before the next request.
  document.addEventListener('htmx:confirm', (event) => {
    if (!document.getElementById('sheet-said')?.textContent.includes('session')) return;
    event.preventDefault();
    fetch('/token', { credentials: 'same-origin', headers: { Accept: 'application/json' } })
      .then((response) => (response.ok ? response.json() : null))
      .then((data) => { if (data) document.body.setAttribute('hx-headers', JSON.stringify({ 'X-CSRF-TOKEN': data.token })); })
      .finally(() => event.detail.issueRequest());
  });
})();
