// Runs in the page: finds whatever can be used on it, and finds it again by the same key.
window.walk = (() => {
  const usable = 'input:not([type=hidden]), select, textarea, button, summary, [role=slider]';
  const name = (e) => (e.getAttribute('aria-label') ?? e.labels?.[0]?.textContent ?? e.textContent ?? '').replace(/\s+/g, ' ').trim();
  const folded = (e) => e.closest('details:not([open])') !== null && !e.closest('[hidden], dialog:not([open])');
  const seen = (e) => e.checkVisibility({ visibilityProperty: true }) || folded(e);
  const kind = (e) => {
    if (e.tagName === 'BUTTON' || ['submit', 'button'].includes(e.type)) return 'button';
    if (e.tagName === 'SUMMARY') return 'disclosure';
    if (e.getAttribute('role') === 'slider') return 'slider';
    if (e.tagName === 'SELECT') return 'choice';
    return ['checkbox', 'radio', 'file', 'password'].includes(e.type) ? e.type : 'text';
  };
  const at = (e) => {
    const from = e.closest('[data-place]');
    return from === null ? null : { place: from.dataset.place, does: from.dataset.does ?? 'set' };
  };
  const base = (e) => (e.id ? `#${e.id}` : [
    e.form?.getAttribute('action')?.replace(location.origin, '') ?? e.closest('[id]')?.id ?? '', e.tagName, e.type ?? '', e.name ?? '',
    ['checkbox', 'radio'].includes(e.type) || e.tagName === 'BUTTON' ? e.value : '', name(e).slice(0, 60),
  ].join('|'));
  function* each() {
    const counts = {};
    for (const e of document.querySelectorAll(usable)) {
      const key = base(e);
      counts[key] = (counts[key] ?? 0) + 1;
      yield [counts[key] === 1 ? key : `${key}|${counts[key]}`, e];
    }
  }
  const value = (e) => (['checkbox', 'radio'].includes(e.type) ? e.checked : e.getAttribute('role') === 'slider' ? e.getAttribute('aria-valuenow') : e.value);
  const forms = () => [...document.forms];

  return {
    list: () => [...each()].filter(([, e]) => seen(e) && !e.disabled && !e.closest('fieldset:disabled')).map(([key, e]) => ({
      key, kind: kind(e), type: e.type ?? '', name: name(e), value: value(e), form: e.form ? forms().indexOf(e.form) : -1, ...at(e),
      sheet: e.closest('#sheet-body') !== null, language: e.lang, item: e.type === 'checkbox' ? e.value : undefined,
      options: e.tagName === 'SELECT' ? [...e.options].map((o) => o.value) : undefined, submits: e.tagName === 'BUTTON' && e.type === 'submit',
      rows: e.rows, least: e.min ?? '', most: e.max ?? '', method: e.form?.method ?? '', action: e.form?.getAttribute('action') ?? '',
    })),
    find: (key) => { for (const [k, e] of each()) if (k === key) return e; return null; },
    // The key of the disclosure that a control lies in and that is closed.
    closedOver: (key) => {
      const control = window.walk.find(key);
      const details = [...document.querySelectorAll('details:not([open])')]
        .find((d) => d.contains(control) && !(control.tagName === 'SUMMARY' && control.parentElement === d));
      if (details === undefined) return null;
      for (const [k, e] of each()) if (e.parentElement === details && e.tagName === 'SUMMARY') return k;
      return null;
    },
    value: (key) => { const e = window.walk.find(key); return e === null ? undefined : value(e); },
    focus: () => {
      const e = document.activeElement;
      if (e === null || e === document.body) return 'nothing';
      const box = e.getBoundingClientRect();
      return box.bottom < 0 || box.top > innerHeight ? `off the screen: ${e.id || e.tagName}` : 'seen';
    },
    // Whatever answers what somebody did: is it where one can see it? By its id where others answer what was done before.
    hidden: (id) => [...document.querySelectorAll('[role=alert], .wrong, .conflict')].filter((e) => e.textContent.trim() !== '' && e.checkVisibility())
      .filter((e) => id === undefined || e.id === id)
      .filter((e) => { const box = e.getBoundingClientRect(); return box.bottom < 0 || box.top > innerHeight; }).map((e) => e.textContent.trim().slice(0, 100)),
    // A field that one cannot see, or hardly hit, is none.
    tiny: () => [...document.querySelectorAll('input:not([type=hidden], [type=checkbox], [type=radio], [type=color]), select, textarea')]
      .filter((e) => e.checkVisibility() && e.tabIndex >= 0 && e.getBoundingClientRect().width < 44).map((e) => e.id || e.name),
    errors: () => [...document.querySelectorAll('[role=alert], .wrong')].filter((e) => e.checkVisibility() && e.textContent.trim() !== '').length,
  };
})();
