// Lines of screening are dragged in the drawing; the fields above them say where they lie, and by keyboard they are moved there.
(() => {
  const form = document.getElementById('lines');
  if (!form) return;
  const names = ['puzzle', 'hold', 'refuse'];
  const field = (name) => form.elements[name];
  let held = null;
  const risk = (event) => {
    const drawing = document.querySelector('[data-lines]');
    const at = drawing.createSVGPoint();
    at.x = event.clientX; at.y = event.clientY;
    const { x } = at.matrixTransform(drawing.getScreenCTM().inverse());
    return Math.round(Math.min(101, Math.max(1, (100 * x) / Number(drawing.dataset.width))));
  };
  // What is drawn is what stands in the fields at that moment, whether or not what follows from it has come.
  document.getElementById('draw')?.addEventListener('submit', ({ target }) => {
    for (const name of [...names, 'lost', 'bot', 'point']) target.elements[name].value = field(name).value;
  });
  document.addEventListener('pointerdown', (event) => {
    const line = event.target.closest?.('[data-line]');
    if (!line) return;
    held = line.dataset.line;
    event.preventDefault();
  });
  document.addEventListener('pointermove', (event) => {
    if (!held) return;
    const to = risk(event);
    if (Number(field(held).value) === to) return;
    // Whoever pushes a line against another takes that along.
    field(held).value = to;
    const at = names.indexOf(held);
    names.slice(0, at).forEach((name) => { field(name).value = Math.min(to, Number(field(name).value)); });
    names.slice(at + 1).forEach((name) => { field(name).value = Math.max(to, Number(field(name).value)); });
    const width = Number(document.querySelector('[data-lines]').dataset.width);
    for (const name of names) {
      const x = (Math.min(100, Number(field(name).value)) * width) / 100;
      document.querySelector(`[data-line=${name}]`)?.setAttribute('transform', `translate(${x} 0)`);
    }
  });
  for (const end of ['pointerup', 'pointercancel']) {
    document.addEventListener(end, () => {
      if (!held) return;
      held = null;
      form.dispatchEvent(new Event('moved', { bubbles: true }));
    });
  }
})();
