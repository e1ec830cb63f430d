// What is held is decided by keys: the one with the focus, or a group of alike ones. Each press is sent after the one before it, while one goes on.
(() => {
  const list = () => document.getElementById('held');
  if (!list()) return;
  const rows = () => [...list().querySelectorAll('tr[data-held]')];
  const going = new Set();
  const done = [];
  let queue = Promise.resolve();
  let at = null;

  const because = (id) => list().querySelectorAll('[data-because]').forEach((section) => { section.hidden = section.dataset.because !== id; });
  const leave = () => rows().forEach((row) => {
    row.classList.toggle('leaving', row.dataset.held.split(' ').every((id) => going.has(id)));
  });
  function stand(row, focus = true) {
    rows().forEach((each) => { each.tabIndex = each === row ? 0 : -1; each.classList.toggle('at', each === row); });
    at = row?.dataset.held ?? null;
    because(row?.dataset.why ?? '');
    if (focus) row?.focus();
  }
  const open = (row) => row && !row.classList.contains('leaving');
  const beside = (row, by) => {
    const all = rows();
    for (let i = all.indexOf(row) + by; i >= 0 && i < all.length; i += by) if (open(all[i])) return all[i];
    return null;
  };
  // The list as it is now; whoever has gone on meanwhile stays where they are.
  function draw(html) {
    const before = rows().map((row) => row.dataset.held);
    const had = list().contains(document.activeElement) ? document.activeElement : null;
    const fresh = new DOMParser().parseFromString(html, 'text/html').getElementById('held');
    list().replaceWith(fresh);
    document.querySelector('.title .soft').textContent = fresh.dataset.state;
    leave();
    const all = rows();
    const from = before.indexOf(at);
    const next = all.find((row) => row.dataset.held === at && open(row))
      ?? before.slice(Math.max(0, from)).map((held) => all.find((row) => row.dataset.held === held && open(row))).find(Boolean)
      ?? all.filter(open).at(-1) ?? null;
    const inRow = had?.closest('tr[data-held]');
    stand(next, Boolean(inRow));
    // Whoever stood elsewhere in it stands there again, and no key of theirs decides anything; where that is gone, at what came back.
    const elsewhere = had?.dataset.undoes ? list().querySelector(`[data-undoes="${had.dataset.undoes}"]`) : had && list().querySelector('a[href]');
    if (had && !inRow) (elsewhere ?? next)?.focus();
    if (inRow && !next) list().querySelector('[data-undoes]')?.focus();
    document.dispatchEvent(new Event('sheet:drawn'));
  }
  function post(to, ids, act) {
    queue = queue.then(async () => {
      const body = new FormData();
      body.append('_token', document.body.dataset.token);
      if (act) body.append('act', act);
      ids.forEach((id) => body.append('chosen[]', id));
      try {
        const answer = await fetch(to, { method: 'POST', body, headers: { 'X-Part': '1' } });
        if (!answer.ok || answer.redirected) throw new Error(String(answer.status));
        ids.forEach((id) => going.delete(id));
        draw(await answer.text());
      } catch {
        ids.forEach((id) => going.delete(id));
        leave();
        const said = document.getElementById('held-said');
        said.setAttribute('role', 'alert');
        said.textContent = 'That did not arrive: it waits as before. Load the page anew, and sign in if you are asked to.';
      }
    });
  }
  function decide(row, act) {
    const form = row.querySelector('form');
    if (!form || !open(row)) return;
    const ids = row.dataset.held.split(' ');
    ids.forEach((id) => going.add(id));
    done.push(ids);
    const next = (() => { leave(); return beside(row, 1) ?? beside(row, -1); })();
    if (next) stand(next);
    post(form.action, ids, act);
  }
  function undo(ids) {
    const form = list().querySelector('[data-undoes]')?.form;
    post(form?.action ?? location.pathname.replace(/\/held.*$/, '/held/undo'), ids, '');
    at = ids.join(' ');
  }

  document.addEventListener('keydown', (event) => {
    if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey || !list().contains(event.target)) return;
    if (event.key === 'z' && done.length > 0) { event.preventDefault(); undo(done.pop()); return; }
    const row = event.target.closest('tr[data-held]');
    if (!row || event.target !== row) return;
    const to = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    const act = { a: 'accept', r: 'refuse' }[event.key];
    if (!to && !act) return;
    event.preventDefault();
    if (to) { const next = beside(row, to); if (next) stand(next); } else if (!event.repeat) decide(row, act);
  });
  // By mouse the same, without loading the page anew.
  document.addEventListener('submit', (event) => {
    const row = event.target.closest('tr[data-held]');
    const undoes = event.submitter?.dataset.undoes;
    if (!list().contains(event.target) || (!row && !undoes)) return;
    event.preventDefault();
    if (undoes) {
      const i = done.findIndex((ids) => ids.includes(undoes));
      if (i >= 0) done.splice(i, 1, done[i].filter((id) => id !== undoes));
      undo([undoes]);
    } else decide(row, event.submitter.value);
  }, true);
  document.addEventListener('focusin', (event) => {
    const row = event.target.closest?.('tr[data-held]');
    if (row && list().contains(row) && row.dataset.held !== at) stand(row, false);
  });
  document.addEventListener('click', (event) => {
    const row = event.target.closest?.('tr[data-held]');
    if (row && list().contains(row) && !event.target.closest('button')) stand(row);
  });
  // What was decided before is taken off the list as it is carried out.
  setInterval(() => {
    if (going.size > 0 || !list().querySelector('[data-undoes]') || document.hidden) return;
    fetch(location.href, { headers: { 'X-Part': '1' } }).then((answer) => (answer.ok && !answer.redirected ? answer.text() : null)).then((html) => {
      if (html && going.size === 0) draw(html);
    }, () => {});
  }, 10_000);
  stand(rows()[0] ?? null, false);
})();
