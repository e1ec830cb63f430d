// A web site that stands in for those on which forms of the house stand: one page with a form, which somebody can change behind the house's back,
// and addresses that lead where nobody should be led. Loopback only.
//   node server.mjs --http=8104 --store=FOLDER
import { createServer } from 'node:http';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { body, escape, page, sender } from '../page.mjs';

const options = Object.fromEntries(process.argv.slice(2).map((a) => a.replace(/^--/, '').split('=')));
mkdirSync(options.store, { recursive: true });
const file = join(options.store, 'site.json');
// as-decided: as the house drew it | with-a-box: an update put a box there that nobody decided on | ticked: and ticked it | gone: no form | down (500)
const states = ['as-decided', 'with-a-box', 'ticked', 'gone', 'down'];
let state = existsSync(file) ? JSON.parse(readFileSync(file)).state : 'as-decided';

const boxes = {
  'with-a-box': '<p><label><input type="checkbox" name="partners"> Our hotel partners may send me their offers</label></p>',
  ticked: '<p><label><input type="checkbox" name="partners" checked> Our hotel partners may send me their offers</label></p>',
};
const decided = readFileSync(new URL('apply.html', import.meta.url), 'utf8');
const apply = () => (state === 'gone' ? decided.replace(/<form[\s\S]*<\/form>/, '<p>We have no vacancies at present.</p>')
  : decided.replace('<p><a href="#">', `${boxes[state] ?? ''}<p><a href="#">`));

createServer(async (request, response) => {
  const answer = sender(response);
  const { pathname } = new URL(request.url, 'http://127.0.0.1');
  if (pathname === '/apply') {
    return state === 'down' ? answer(500, 'text/plain', 'The server is down.') : answer(200, 'text/html', apply());
  }
  if (pathname === '/leads-inside') return response.writeHead(302, { Location: 'http://127.0.0.1:1/' }).end();
  if (pathname === '/leads-round') return response.writeHead(302, { Location: 'https://jobs.tidewick.example/leads-round' }).end();
  if (pathname === '/endless') {
    response.writeHead(200, { 'Content-Type': 'text/html' });
    const more = setInterval(() => response.write('<p>and more</p>'.repeat(500)), 20);
    return request.on('close', () => clearInterval(more));
  }
  if (pathname === '/state' && request.method === 'POST') {
    const wanted = new URLSearchParams(await body(request)).get('state');
    if (states.includes(wanted)) {
      state = wanted;
      writeFileSync(file, JSON.stringify({ state }));
    }
    return response.writeHead(303, { Location: '/' }).end();
  }
  return answer(200, 'text/html', page('A web site (stand-in)', `<p>Its page <a href="/apply">/apply</a> is jobs.tidewick.example/apply to Juramen.
It is ${escape(state)}.</p><form method="post" action="/state"><label>Make it <select name="state">
${states.map((each) => `<option${each === state ? ' selected' : ''}>${each}</option>`).join('')}</select></label><button>Change</button></form>`));
}).listen(Number(options.http), '127.0.0.1');
