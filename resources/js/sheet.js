// A sheet saves itself. Every edit is sent in the order in which it was made, one after another, and none is given up; judging what is being
// typed gives way to them. Whatever the page draws anew, what was typed, what was open and where somebody stood stay as they were.
(() => {
  const $ = (id) => document.getElementById(id);
  const body = () => $('sheet-body');
  const usable = 'a[href], button:not(:disabled), input:not([type=hidden]):not(:disabled), select:not(:disabled), textarea:not(:disabled), summary';

  /* What waits to be saved, what is being saved, and what could not be. */
  const queue = [];
  let sending = null;
  let saving = false;
  let failed = [];
  let signedOut = false;
  /* Where typing in a field began: the revision that was shown then. Revisions that we made ourselves are no news to us. */
  const began = new Map();
  const ours = new Set();
  const said = new Map();

  const revision = () => Number($('base').value);
  const known = (from) => { let at = from; while (ours.has(at + 1)) at += 1; return at; };
  const busy = () => saving || queue.length > 0;

  const isText = (field) => 'defaultValue' in field && !['checkbox', 'radio', 'file'].includes(field.type);
  const chosen = (select) => [...select.options].find((option) => option.defaultSelected)?.value ?? select.options[0]?.value;
  const isTyped = (field) => (field.tagName === 'SELECT' ? field.closest('form[data-place]') !== null && field.value !== chosen(field)
    : isText(field) && field.value !== field.defaultValue);
  const typed = () => [...body().querySelectorAll('[id]:is(input, textarea, select)')].filter(isTyped);

  /* ---- what an edit is ---- */

  function valueOf(control) {
    const several = control.closest('.several[data-place]');
    return several ? [...several.querySelectorAll('input:checked')].map((box) => box.value) : control.value;
  }

  function change(control) {
    const { place } = control.closest('[data-place]').dataset;
    const waits = queue.find((edit) => edit.place === place && edit.does === 'set');
    const value = valueOf(control);
    const stands = isText(control) && value === control.defaultValue && !waits && ![sending, ...failed].some((edit) => edit?.place === place);
    settle(control.id);
    if (stands) return;
    failed = failed.filter((edit) => edit.place !== place);
    if (waits) { waits.value = value; return; }
    add({ url: body().dataset.change, place, does: 'set', value, from: control.id, base: began.get(control.id) ?? revision() });
  }

  function press(button) {
    const { act, values, place, does = 'set', value = '', settles, follows } = button.dataset;
    if (act) return add({ url: act, fields: JSON.parse(values ?? '{}'), from: button.id, follows });
    return add({ url: body().dataset.change, place, does, value: settles ? JSON.parse(settles) : value, settles: Boolean(settles), from: button.id, follows });
  }

  /* What was dragged to another place in its list. */
  document.addEventListener('sheet:moved', ({ detail: { place, to, from } }) => {
    add({ url: body().dataset.change, place, does: 'to', value: String(to), from });
  });

  function fill(form) {
    const { place, does = 'set' } = form.dataset;
    const value = Object.fromEntries(new FormData(form));
    // What is added to a list is chosen no more.
    if (does === 'add') form.reset();
    const closes = form.closest('details')?.querySelector('summary').id;
    add({ url: body().dataset.change, place, does, value, from: form.elements[0].id, closes });
  }

  function fields(edit) {
    const sent = new URLSearchParams(body().dataset.view);
    for (const [name, value] of Object.entries(edit.fields ?? {})) sent.append(name, value ?? '');
    if (!edit.place) return sent;
    sent.append('place', edit.place);
    sent.append('do', edit.does);
    sent.append('base', edit.base === undefined ? revision() : known(edit.base));
    if (edit.settles) sent.append('whole', '1');
    if (Array.isArray(edit.value)) edit.value.forEach((each) => sent.append('value[]', each));
    else if (typeof edit.value === 'object' && edit.value !== null) Object.entries(edit.value).forEach(([name, each]) => sent.append(name, each));
    else sent.append('value', edit.value);
    return sent;
  }

  /* ---- hands ---- */

  /* A page that is drawn anew under a finger or a key takes the press away: it waits until nothing is held down, though not for long. */
  const down = new Set();
  const patience = 250;
  for (const [begins, ends, what] of [['pointerdown', 'pointerup', 'pointerId'], ['keydown', 'keyup', 'code']]) {
    document.addEventListener(begins, (event) => down.add(event[what]), true);
    // What a finger does comes some time behind its end, as the browser makes a press of it.
    document.addEventListener(ends, (event) => {
      if (event.pointerType === 'touch') setTimeout(() => down.delete(event[what]), 100);
      else down.delete(event[what]);
    }, true);
  }
  for (const lost of ['pointercancel', 'blur']) window.addEventListener(lost, () => down.clear());
  async function released() {
    for (const until = Date.now() + patience; down.size > 0 && Date.now() < until;) await new Promise((so) => { setTimeout(so, 10); });
    // What a press does comes right behind its end.
    await new Promise((so) => { setTimeout(so, 0); });
  }

  /* ---- sending ---- */

  const ask = (url, sent, more = {}) => fetch(url, {
    method: 'POST', body: sent, redirect: 'manual', credentials: 'same-origin', ...more,
    headers: { 'X-CSRF-TOKEN': document.body.dataset.token, Accept: 'text/html', 'X-Part': '1' },
  });

  function add(edit) {
    queue.push(edit);
    if (!saving) send();
  }

  async function send() {
    saving = true;
    body().dataset.saving = 'yes';
    judging?.abort();
    if (signedOut) await renew();
    queue.unshift(...failed.splice(0));
    while (queue.length > 0) {
      sending = queue.shift();
      try { await save(sending); } catch { fail(sending, 0); }
      sending = null;
    }
    saving = false;
    delete body().dataset.saving;
    if (isTyped(document.activeElement)) judge(document.activeElement);
    document.dispatchEvent(new Event('sheet:saved'));
  }

  async function save(edit) {
    const before = revision();
    const response = await ask(edit.url, fields(edit), { keepalive: true });
    const html = await response.text();
    await released();
    if (response.status === 422) { say(edit, new DOMParser().parseFromString(html, 'text/html').body.textContent.trim()); return; }
    if (!response.ok) { fail(edit, response.type === 'opaqueredirect' ? 401 : response.status); return; }
    const field = $(edit.from);
    if (field && isText(field) && edit.does === 'set' && typeof edit.value === 'string') field.defaultValue = edit.value;
    began.delete(edit.from);
    unsay(edit.from);
    take(html, edit);
    if (revision() > before) ours.add(revision());
    if ($(edit.from) && isTyped($(edit.from))) began.set(edit.from, revision());
  }

  /* A failed request loses nothing: what was typed stays, it is said at its field what to do, and the edit is kept to be sent again. */
  function fail(edit, status) {
    if (status === 403) { say(edit, 'Your role may not change this. Nothing was saved; what you typed still stands.'); return; }
    failed = [...failed.filter((each) => each.from !== edit.from), edit];
    // What is underlined there is about the words before.
    $(edit.from)?.closest('.words')?.querySelector('.under').replaceChildren();
    const again = document.createElement('button');
    Object.assign(again, { type: 'button', className: 'plain', id: `again-${edit.from}`, textContent: 'Save it now' });
    again.addEventListener('click', () => { if (!saving) send(); });
    if (status !== 419 && status !== 401) { say(edit, 'This could not be saved just now. What you typed still stands. ', [again]); return; }
    signedOut = true;
    const link = document.createElement('a');
    Object.assign(link, { href: '/login', target: '_blank', textContent: 'Sign in' });
    say(edit, 'Your session ended while you typed. Nothing you typed is lost: sign in again in another window, then save it here. ', [link, ' ', again]);
  }

  /* After signing in elsewhere the page still carries the old token. */
  async function renew() {
    const response = await fetch('/token', { credentials: 'same-origin', headers: { Accept: 'application/json', 'X-Part': '1' } }).catch(() => null);
    if (!response?.ok) return;
    signedOut = false;
    document.body.dataset.token = (await response.json()).token;
  }

  /* ---- judging what is being typed ---- */

  let judging = null;
  let soon;
  async function judge(field) {
    const url = body().dataset.judge;
    if (busy() || !url || !field.matches('[data-judged]')) return;
    judging?.abort();
    const mine = judging = new AbortController();
    const place = field.closest('[data-place]').dataset.place;
    try {
      const response = await ask(url, fields({ place, does: 'set', value: field.value, base: began.get(field.id) }), { signal: mine.signal });
      const html = await response.text();
      await released();
      if (mine.signal.aborted || busy()) return;
      if (response.ok) take(html);
    } catch { /* a later one, or a save, took its place */ }
  }

  /* ---- what comes back ---- */

  const key = (element) => {
    if (element.id) return element.id;
    const within = element.parentElement.closest('[id]');
    return `${within.id}~${[...within.querySelectorAll(usable)].indexOf(element)}`;
  };
  const find = (name) => {
    const [id, nth] = name.split('~');
    const found = nth === undefined ? $(id) : $(id)?.querySelectorAll(usable)[Number(nth)];
    return found?.matches(usable) && found.checkVisibility() ? found : null;
  };

  /* What an element lies in, from within: items of lists, sections, whatever else has a name. */
  const around = (element) => element === body() ? [] : [
    ...[['data-item', element.dataset.item], ['aria-labelledby', element.matches('section') && element.getAttribute('aria-labelledby')], ['id', element.id]]
      .filter(([, named]) => named).map(([by, named]) => `[${by}="${CSS.escape(named)}"]`),
    ...around(element.parentElement),
  ];

  function remember() {
    const active = document.activeElement;
    const inside = body().contains(active);
    return {
      y: window.scrollY, margin: $('margin')?.scrollTop ?? 0,
      open: [...body().querySelectorAll('details[open] > summary')].map(key),
      typed: typed().map((field) => [field.id, field.value]),
      order: inside ? [...body().querySelectorAll(usable)].map(key) : [],
      within: inside ? around(active) : [],
      focus: inside && active.matches(usable) ? key(active) : null,
      from: isText(active ?? {}) && active.type !== 'color' ? [active.selectionStart, active.selectionEnd] : null,
    };
  }

  /* What came is the whole sheet, or parts of it. */
  function take(html, edit = null) {
    const stood = remember();
    const page = new DOMParser().parseFromString(html, 'text/html');
    const whole = page.getElementById('sheet-body');
    if (whole) body().replaceWith(whole);
    else {
      page.body.querySelectorAll('[data-part]').forEach((part) => {
        part.querySelectorAll('details[id]').forEach((details) => { details.open = details.open || $(details.id)?.open === true; });
        $(part.id)?.replaceWith(part);
      });
    }
    if (whole) {
      if (saving) body().dataset.saving = 'yes';
      for (const name of stood.open.filter((each) => each !== edit?.closes)) find(name)?.closest('details').setAttribute('open', '');
      const typedIn = edit?.closes ? stood.typed.filter(([id]) => !$(id)?.closest('details')?.contains($(edit.closes))) : stood.typed;
      for (const [id, value] of typedIn) if ($(id)) $(id).value = value;
      // What waits in the queue is shown as it was set.
      for (const waits of queue.filter((each) => each.does === 'set' && typeof each.value === 'string')) if ($(waits.from)) $(waits.from).value = waits.value;
      for (const waits of queue.filter((each) => Array.isArray(each.value))) {
        $(waits.from)?.closest('.several').querySelectorAll('input').forEach((box) => { box.checked = waits.value.includes(box.value); });
      }
      for (const [id, box] of said) put(id, box);
    }
    for (const box of body().querySelectorAll('.conflict')) put(box.dataset.at, box);
    refocus(stood, edit);
    if (whole) window.scrollTo(0, stood.y);
    if ($('margin')) $('margin').scrollTop = stood.margin;
    const focus = document.activeElement;
    if (edit && body().contains(focus)) focus.scrollIntoView({ block: 'nearest' });
    for (const box of body().querySelectorAll('.conflict')) box.scrollIntoView({ block: 'nearest' });
    document.dispatchEvent(new Event('sheet:drawn'));
  }

  /*
   * The focus goes to what was used, or where that took itself away to what it changed, or to what follows it. What something else took away leaves it
   * on what it stood in, where keys do nothing: whoever is still typing, or about to press it, would type into or press the one that follows.
   */
  function refocus(stood, edit) {
    if (stood.focus === null || document.activeElement !== document.body) return;
    const used = edit?.from === stood.focus;
    const at = stood.order.indexOf(stood.focus);
    const itself = [...(used && edit.follows ? [edit.follows] : []), stood.focus, ...(!used && edit?.closes ? [edit.closes] : [])];
    const next = used ? [...stood.order.slice(at + 1), ...stood.order.slice(0, at).reverse()] : [];
    const name = [...itself, ...next].find(find);
    if (name === undefined) { rest(stood); return; }
    const element = find(name);
    element.focus({ preventScroll: true });
    // A number does not say what is selected of it. Nobody has typed in one that is as it was: it is selected whole, as by a Tab.
    if (element.type === 'number') { if (!isTyped(element)) element.select(); return; }
    if (name === stood.focus && stood.from?.[0] !== null && stood.from && isText(element)) {
      try { element.setSelectionRange(...stood.from); } catch { /* a field without a selection */ }
    }
  }

  function rest(stood) {
    const place = stood.within.map((each) => body().querySelector(each)).find((each) => each?.checkVisibility()) ?? body();
    place.tabIndex = -1;
    place.focus({ preventScroll: true });
  }

  /* ---- what is said at a field ---- */

  function say(edit, text, more = []) {
    unsay(edit.from);
    const box = document.createElement('span');
    Object.assign(box, { id: `said-${edit.from}`, className: 'wrong at-field' });
    box.setAttribute('role', 'alert');
    box.append(text, ...more);
    said.set(edit.from, box);
    put(edit.from, box);
    box.scrollIntoView({ block: 'nearest' });
  }

  function put(id, box) {
    const control = $(id);
    if (!control) { $('sheet-said').append(box); return; }
    const form = control.closest('form[data-place]');
    if (form) form.append(box); else (control.closest('.words, .inline-several') ?? control).after(box);
    if (!control.matches('button, summary')) control.setAttribute('aria-invalid', 'true');
    if (box.id) control.setAttribute('aria-describedby', box.id);
  }

  /* What was said there goes once nothing is held down. */
  async function settle(id) {
    const box = said.get(id);
    if (!box) return;
    await released();
    if (said.get(id) === box) unsay(id);
  }

  function unsay(id) {
    said.get(id)?.remove();
    said.delete(id);
    $(id)?.removeAttribute('aria-invalid');
    $(id)?.removeAttribute('aria-describedby');
  }

  /* Theirs stands, as it does already. */
  function keep(button) {
    const field = $(button.dataset.keeps);
    button.closest('.conflict').remove();
    field?.removeAttribute('aria-invalid');
    field?.focus();
  }

  /* A placeholder goes where the cursor was last, within the part whose button was pressed. */
  let last = null;
  document.addEventListener('focusout', ({ target }) => { if (onSheet(target) && isText(target)) last = target.id; });
  function fillIn(button) {
    const part = button.closest('.mail-part');
    const field = part.contains($(last)) ? $(last) : part.querySelector('[data-place]');
    field.focus();
    field.setRangeText(button.dataset.fill, field.selectionStart, field.selectionEnd, 'end');
    change(field);
  }

  /* ---- what somebody does ---- */

  const onSheet = (target) => target.closest?.('#sheet-body') ?? null;

  document.addEventListener('input', ({ target }) => {
    if (!onSheet(target) || !target.closest('[data-place]') || !isText(target)) return;
    if (!began.has(target.id)) began.set(target.id, revision());
    clearTimeout(soon);
    soon = setTimeout(() => { if (target.isConnected) judge(target); }, 50);
  });
  document.addEventListener('change', ({ target }) => {
    if (onSheet(target) && target.closest('[data-place]') && !target.closest('form[data-place]')) change(target);
  });
  document.addEventListener('submit', (event) => {
    if (!onSheet(event.target)) return;
    event.preventDefault();
    fill(event.target);
  });
  document.addEventListener('click', (event) => {
    const button = event.target.closest?.('#sheet-body button');
    if (button?.dataset.keeps) keep(button);
    else if (button?.dataset.fill) fillIn(button);
    else if (button?.dataset.act || button?.dataset.place) press(button);
    // Notes that are opened come into sight.
    const more = event.target.closest?.('.more-notes > summary')?.parentElement;
    if (more) setTimeout(() => { more.querySelector('.note').scrollIntoView({ block: 'nearest' }); });
  });
  document.addEventListener('keydown', (event) => {
    // A title, line or button has one line: Enter saves it instead of breaking it.
    if (event.key === 'Enter' && event.target.matches?.('#sheet-body textarea[rows="1"]')) { event.preventDefault(); change(event.target); return; }
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || !body() || isTyped(event.target)) return;
    event.preventDefault();
    const button = $(event.shiftKey ? 'redo' : 'undo');
    if (button) press(button);
  });

  /* ---- leaving, and others ---- */

  // Whoever leaves at once after typing takes nothing away: what is being saved is saved first.
  document.addEventListener('click', (event) => {
    const link = event.target.closest?.('a[href]');
    if (!link || !body() || !busy() || link.target || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    document.addEventListener('sheet:saved', () => link.click(), { once: true });
  });
  window.addEventListener('beforeunload', (event) => {
    if (!body()) return;
    const active = document.activeElement;
    if (isTyped(active) && active.closest('[data-place]') && !active.closest('form[data-place]')) change(active);
    if (busy() || failed.length > 0) event.preventDefault();
  });

  // What others changed comes by itself, unless somebody is typing; then it is merged when the typing is saved.
  async function look() {
    if (!body() || busy() || document.hidden || isTyped(document.activeElement)) return;
    const from = revision();
    const query = new URLSearchParams(body().dataset.view);
    const asked = fetch(`${body().dataset.since}/${from}?${query}`, { credentials: 'same-origin', redirect: 'manual', headers: { 'X-Part': '1' } });
    const response = await asked.catch(() => null);
    const html = await response?.text();
    await released();
    if (response?.status !== 200 || busy() || revision() !== from || isTyped(document.activeElement)) return;
    take(html);
  }
  // Once soon: what was being saved while this page was opened anew may not be on it yet.
  if (body()) { setTimeout(look, 1000); setInterval(look, 4000); }
})();
