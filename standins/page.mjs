// What the pages of all stand-ins share.
export const escape = (text) => String(text).replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);
export const page = (title, content) => `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width">
<title>${escape(title)}</title>
<style>body{font:15px/1.5 system-ui,sans-serif;margin:2rem auto;max-width:60rem;padding:0 1rem;color:#1b2230;background:#f3f0e8}
table{border-collapse:collapse;width:100%}td,th{text-align:left;padding:.5rem .75rem;border-bottom:1px solid #d8d2c4;vertical-align:top}
a{color:#0f4c5c}iframe{width:100%;height:34rem;border:1px solid #d8d2c4;background:#fff}pre{overflow:auto;font-size:13px}
form{display:inline-flex;gap:.5rem;align-items:center;margin:.5rem 1rem .5rem 0}button,select,input{font:inherit;padding:.2rem .6rem}</style>
<main><h1>${escape(title)}</h1>${content}</main></html>`;
export const body = (request) => new Promise((done) => {
  let text = '';
  request.on('data', (part) => { text += part; if (text.length > 1e6) request.destroy(); });
  request.on('end', () => done(text));
});
/** Answers a request with one text, that nothing outside may be loaded for. */
export const sender = (response) => (status, type, text) => response.writeHead(status, {
  'Content-Type': `${type}; charset=utf-8`, 'Cache-Control': 'no-store',
  'Content-Security-Policy': "default-src 'none'; style-src 'unsafe-inline'; img-src data:; frame-src 'self'; form-action 'self'",
}).end(text);
