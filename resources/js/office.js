// Keys of the office, growing fields, forms that are sent once.
(() => {
  const typing = (element) => element && (/^(input|textarea|select)$/i.test(element.tagName) || element.isContentEditable);
  let going = false;

  document.addEventListener('keydown', (event) => {
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
  document.addEventListener('sheet:drawn', growAll);

  // On a phone the rows of a table stand under one another, and each cell says which column it is of.
  const label = () => document.querySelectorAll('.page table').forEach((table) => {
    const heads = [...table.querySelectorAll('thead th')].map((head) => head.textContent.trim().replace(/[?:]$/, ''));
    table.querySelectorAll('tbody tr').forEach((row) => [...row.cells].forEach((cell, i) => {
      if (i > 0 && heads[i] && !cell.dataset.label) cell.dataset.label = heads[i];
    }));
  });
  document.addEventListener('DOMContentLoaded', label);
  document.addEventListener('sheet:drawn', label);

  // What was refused is seen at once, however long the page is.
  document.addEventListener('DOMContentLoaded', () => {
    const said = document.querySelector('main [role=alert]');
    if (!said) return;
    const box = said.getBoundingClientRect();
    if (box.top < 0 || box.bottom > innerHeight) said.scrollIntoView({ block: 'center' });
  });

  // On a phone the notes are a drawer at the foot of the screen. It closes where one goes on to the place that a note is about.
  const drawer = (open) => {
    if (open !== undefined) document.documentElement.dataset.notes = open ? 'open' : '';
    const is = document.documentElement.dataset.notes === 'open';
    document.querySelectorAll('[data-drawer]').forEach((button) => button.setAttribute('aria-expanded', String(is)));
  };
  document.addEventListener('click', (event) => {
    const on = event.target.closest?.('[data-drawer], a[href^="#note-"], #margin a[href^="#"], #margin .mend');
    if (on) drawer(on.matches('[data-drawer]') ? document.documentElement.dataset.notes !== 'open' : on.matches('[href^="#note-"]'));
  });
  document.addEventListener('keydown', (event) => {
    if (event.key !== 'Escape' || document.documentElement.dataset.notes !== 'open') return;
    drawer(false);
    if (document.activeElement?.closest('#margin')) document.querySelector('[data-drawer]')?.focus();
  });
  document.addEventListener('sheet:drawn', () => drawer());
  document.addEventListener('htmx:oobAfterSwap', () => drawer());

  // A form is sent once, however often its button is pressed; coming back to the page, it can be sent again.
  document.addEventListener('submit', (event) => {
    const form = event.target;
    if (form.method !== 'post' || event.defaultPrevented) return;
    if (form.dataset.sent) { event.preventDefault(); return; }
    form.dataset.sent = 'yes';
  });
  window.addEventListener('pageshow', () => document.querySelectorAll('form[data-sent]').forEach((form) => delete form.dataset.sent));

  // Several lines chosen together: all at once by the box in the head, and it is said how many.
  const picked = () => {
    const form = document.querySelector('[data-several]');
    if (!form) return;
    const boxes = [...document.querySelectorAll('input[name="chosen[]"]')];
    const count = boxes.filter((box) => box.checked).length;
    const all = document.querySelector('[data-picks-all]');
    if (all) {
      all.hidden = false;
      all.checked = count === boxes.length;
      all.indeterminate = count > 0 && count < boxes.length;
    }
    const said = form.querySelector('[data-count]');
    said.hidden = count === 0;
    said.textContent = `${count} chosen.`;
  };
  document.addEventListener('change', (event) => {
    if (event.target.matches?.('[data-picks-all]')) {
      document.querySelectorAll('input[name="chosen[]"]').forEach((box) => { box.checked = event.target.checked; });
    }
    picked();
  });
  document.addEventListener('DOMContentLoaded', picked);
  window.addEventListener('pageshow', picked);

  document.addEventListener('click', (event) => { if (event.target.closest?.('[data-prints]')) window.print(); });

  // A paragraph for elsewhere.
  document.addEventListener('click', (event) => {
    const button = event.target.closest?.('[data-copies]');
    if (!button) return;
    const text = [...document.getElementById(button.dataset.copies).children].map((line) => line.textContent).join('\n');
    const said = document.getElementById(button.dataset.copies.replace('paragraph', 'copied'));
    navigator.clipboard.writeText(text).then(() => { said.textContent = 'Copied.'; }, () => { said.textContent = 'Could not copy; select the text instead.'; });
  });
})();
