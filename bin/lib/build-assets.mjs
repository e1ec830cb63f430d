// Copies what a browser loads besides the styles: fonts, htmx and our own small modules. Nothing comes from outside.
import { cpSync, mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';

mkdirSync('public/build/fonts', { recursive: true });
for (const [font, files] of [
  ['source-serif-4', ['source-serif-4-latin-wght-normal.woff2', 'source-serif-4-latin-ext-wght-normal.woff2', 'source-serif-4-latin-wght-italic.woff2']],
  ['public-sans', ['public-sans-latin-wght-normal.woff2', 'public-sans-latin-ext-wght-normal.woff2']],
  ['jetbrains-mono', ['jetbrains-mono-latin-wght-normal.woff2']],
]) {
  for (const file of files) {
    cpSync(`node_modules/@fontsource-variable/${font}/files/${file}`, `public/build/fonts/${file}`);
  }
}
for (const file of readdirSync('resources/js')) {
  cpSync(`resources/js/${file}`, `public/build/${file}`);
}
// Pages that belong to no edition, such as errors, are plain and in Juramen's own accent.
writeFileSync('public/build/visitor.css', readFileSync('resources/css/form.css', 'utf8').replace('ACCENT', '#0f4c5c'));
cpSync('node_modules/htmx.org/dist/htmx.min.js', 'public/build/htmx.js');
