// Copies what a browser loads besides the styles: fonts, htmx and our own small modules. Nothing comes from outside.
import { execFileSync } from 'node:child_process';
import { cpSync, mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { posix } from 'node:path';

/** A CommonJS package with what it requires, as one script; what uses it calls the entry "entry". */
function bundled(entry, use) {
  const parts = {};
  const take = (file) => {
    if (file in parts) return;
    const text = readFileSync(`node_modules/${file}`, 'utf8');
    parts[file] = '';
    parts[file] = text.replace(/require\('([^']*)'\)/g, (_, path) => {
      const found = path.startsWith('.') ? `${posix.join(posix.dirname(file), path)}.js`
        : posix.join(path, JSON.parse(readFileSync(`node_modules/${path}/package.json`, 'utf8')).main);
      take(found);
      return `require('${found}')`;
    });
  };
  take(entry);
  const functions = Object.entries(parts).map(([file, text]) => `${JSON.stringify(file)}(require, module, exports) {\n${text}\n}`);
  return `(() => {\nconst parts = {\n${functions.join(',\n')}\n};\nconst made = {};\nfunction require(name) {\n  if (!made[name]) {`
    + ' made[name] = { exports: {} }; parts[name](require, made[name], made[name].exports); }\n  return made[name].exports;\n}\n'
    + `((entry) => {\n${use}\n})(require('${entry}'));\n})();\n`;
}

mkdirSync('public/build/fonts', { recursive: true });
for (const [font, files] of [
  ['source-serif-4', ['source-serif-4-latin-wght-normal.woff2', 'source-serif-4-latin-ext-wght-normal.woff2', 'source-serif-4-latin-wght-italic.woff2']],
  ['public-sans', ['public-sans-latin-wght-normal.woff2', 'public-sans-latin-ext-wght-normal.woff2']],
  ['jetbrains-mono', ['jetbrains-mono-latin-wght-normal.woff2']],
  // Those below are for forms alone: a house chooses them.
  ['bitter', ['bitter-latin-wght-normal.woff2']],
  ['nunito-sans', ['nunito-sans-latin-wght-normal.woff2']],
]) {
  for (const file of files) {
    cpSync(`node_modules/@fontsource-variable/${font}/files/${file}`, `public/build/fonts/${file}`);
  }
}
for (const file of readdirSync('resources/js').filter((name) => name.endsWith('.js'))) {
  cpSync(`resources/js/${file}`, `public/build/${file}`);
}
// Pages that belong to no edition, such as errors, are plain and in Juramen's own accent.
writeFileSync('public/build/visitor.css', execFileSync('php', ['bin/lib/visitor-css.php']));
writeFileSync('public/build/qr.js', bundled('qrcode/lib/core/qrcode.js', readFileSync('resources/js/parts/qr.js', 'utf8')));
cpSync('node_modules/htmx.org/dist/htmx.min.js', 'public/build/htmx.js');
cpSync('node_modules/sortablejs/Sortable.min.js', 'public/build/sortable.js');
