// In the grid of the audit the arrow keys go from finding to finding; Enter opens its note, as on any link.
(() => {
  const steps = { ArrowRight: [0, 1], ArrowLeft: [0, -1], ArrowDown: [1, 0], ArrowUp: [-1, 0] };
  document.addEventListener('keydown', (event) => {
    const from = event.target.closest?.('.audit-grid td.cell');
    const step = steps[event.key];
    if (!from || !step) return;
    const rows = [...from.closest('tbody').rows].map((row) => [...row.querySelectorAll('td.cell')]);
    let row = rows.findIndex((cells) => cells.includes(from));
    let column = rows[row].indexOf(from);
    for (;;) {
      row += step[0];
      column += step[1];
      const cell = rows[row]?.[column];
      if (!cell) return;
      const link = cell.querySelector('[data-cell]');
      if (link) {
        link.focus();
        event.preventDefault();
        return;
      }
    }
  });
})();
