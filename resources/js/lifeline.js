// Moves the question's date on the lifeline, by mouse, touch and keys; the server answers.
(() => {
  let wait;

  const drawing = () => [...document.querySelectorAll('[data-lifeline]')].find((each) => each.checkVisibility());
  const number = (svg, name) => Number(svg.dataset[name]);

  function text(seconds, zone) {
    const format = new Intl.DateTimeFormat('en-GB', {
      timeZone: zone, day: 'numeric', month: 'short', year: 'numeric', hour: '2-digit', minute: '2-digit', second: '2-digit', hourCycle: 'h23',
    });
    const parts = Object.fromEntries(format.formatToParts(new Date(seconds * 1000)).map((p) => [p.type, p.value]));
    return `${parts.day} ${parts.month.slice(0, 3)} ${parts.year}, ${parts.hour}:${parts.minute}:${parts.second}`;
  }

  function move(svg, seconds, soon) {
    const [begin, end, left, right] = ['begin', 'end', 'left', 'right'].map((n) => number(svg, n));
    const at = Math.round(Math.min(end, Math.max(begin, seconds)));
    const cursor = svg.querySelector('.cursor');
    cursor.setAttribute('transform', `translate(${left + (at - begin) / (end - begin) * (right - left)} 0)`);
    cursor.setAttribute('aria-valuenow', at);
    document.getElementById('on').value = text(at, document.documentElement.dataset.zone || 'UTC');
    clearTimeout(wait);
    wait = setTimeout(() => document.querySelector('.question').dispatchEvent(new Event('moved')), soon);
  }

  function seconds(svg, event) {
    const box = svg.getBoundingClientRect();
    const x = (event.clientX - box.left) / box.width * svg.viewBox.baseVal.width;
    const [begin, end, left, right] = ['begin', 'end', 'left', 'right'].map((n) => number(svg, n));
    return begin + (x - left) / (right - left) * (end - begin);
  }

  // What is open stays open when the answer is drawn anew.
  let open = false;
  document.addEventListener('htmx:beforeSwap', () => { open = document.getElementById('lifeline-table')?.parentElement.open ?? false; });
  document.addEventListener('htmx:afterSwap', () => { if (open) document.getElementById('lifeline-table')?.parentElement.setAttribute('open', ''); });

  let dragging = false;
  document.addEventListener('pointerdown', (event) => {
    const svg = event.target.closest?.('[data-lifeline]');
    if (!svg || event.button !== 0) return;
    dragging = true;
    move(svg, seconds(svg, event), 150);
  });
  document.addEventListener('pointermove', (event) => { if (dragging && drawing()) move(drawing(), seconds(drawing(), event), 150); });
  document.addEventListener('pointerup', () => { dragging = false; });

  // The exact times of the stretch under focus or pointer stand below the drawing.
  for (const kind of ['focusin', 'pointerover']) {
    document.addEventListener(kind, (event) => {
      const says = event.target.closest?.('[data-says]')?.dataset.says;
      if (says) document.querySelector('[data-says-here]').textContent = says;
    });
  }

  document.addEventListener('keydown', (event) => {
    if (!event.target.matches?.('.cursor')) return;
    const svg = drawing();
    const now = Number(event.target.getAttribute('aria-valuenow'));
    const one = number(svg, 'step');
    const step = event.shiftKey ? 30 * one : one;
    const to = {
      ArrowLeft: now - step, ArrowDown: now - step, ArrowRight: now + step, ArrowUp: now + step, PageDown: now - 30 * one, PageUp: now + 30 * one,
      Home: number(svg, 'begin'), End: number(svg, 'end'),
    }[event.key];
    if (to === undefined) return;
    event.preventDefault();
    move(svg, to, 120);
  });
})();
