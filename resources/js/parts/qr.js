// Draws the secret of one-time codes as a picture that an app reads (ISO/IEC 18004), here in the browser: it goes nowhere else.
const box = document.getElementById('code-picture');
const { modules } = entry.create(box.dataset.address, { errorCorrectionLevel: 'M' });
const quiet = 4;
const side = modules.size + 2 * quiet;
let path = '';
for (let row = 0; row < modules.size; row += 1) {
  for (let column = 0; column < modules.size; column += 1) {
    if (modules.get(row, column)) path += `M${column + quiet} ${row + quiet}h1v1h-1z`;
  }
}
const made = (name, attributes) => {
  const element = document.createElementNS('http://www.w3.org/2000/svg', name);
  for (const [key, value] of Object.entries(attributes)) element.setAttribute(key, value);
  return element;
};
const drawing = made('svg', { viewBox: `0 0 ${side} ${side}`, 'shape-rendering': 'crispEdges' });
drawing.append(made('rect', { width: side, height: side, fill: '#fff' }), made('path', { d: path, fill: '#000' }));
box.append(drawing);
