// A list service that stands in for those that a house hands people over to: keeps groups of people, says which fields it has, and can be told
// to fail, to be slow, to forget, to refuse its key, or to have addresses confirmed once more. Loopback only.
//   node server.mjs --http=8103 --store=FOLDER
import { createServer } from 'node:http';
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { body, escape, page, sender } from '../page.mjs';

const options = Object.fromEntries(process.argv.slice(2).map((a) => a.replace(/^--/, '').split('=')));
mkdirSync(options.store, { recursive: true });
const file = join(options.store, 'lists.json');
const beginning = {
  key: 'tidewick-lists-key',
  fields: [
    { id: 'given_name', title: 'Given name', type: 'text' }, { id: 'tongue', title: 'Language', type: 'text' },
    { id: 'agreed', title: 'Agreed on', type: 'moment' }, { id: 'confirmed', title: 'Confirmed on', type: 'moment' },
    { id: 'wording', title: 'Edition of the wording', type: 'text' }, { id: 'leave', title: 'Link to leave', type: 'link' },
    { id: 'born', title: 'Date of birth', type: 'day', order: 'dd/mm/yyyy' },
  ],
  groups: [{ id: 'voyages', title: 'Voyages' }, { id: 'walks', title: 'Walks' }],
  asks: false, takesConfirmed: true, people: {}, calls: [],
};
const state = existsSync(file) ? JSON.parse(readFileSync(file)) : structuredClone(beginning);
// take | fail (500) | busy (429) | slow (answers after `seconds`) | revoked (401 to any key) | elsewhere (redirects)
let mode = { name: 'take', seconds: 0 };
function save() {
  writeFileSync(`${file}.part`, JSON.stringify(state));
  renameSync(`${file}.part`, file);
}

// One call of a house: what is answered, and with which status.
function answer(method, path, json) {
  if (method === 'GET' && path === '/service') {
    return [200, { 'asks-itself': state.asks, 'takes-confirmed': state.takesConfirmed, fields: state.fields, groups: state.groups }];
  }
  const [, person, group] = path.match(/^\/people\/([0-9a-z-]{8,64})\/groups\/([^/]+)$/) ?? [];
  if (!person) return [404, { problem: 'There is nothing here.' }];
  const name = decodeURIComponent(group);
  if (method === 'DELETE') {
    delete state.people[person]?.groups[name];
    if (state.people[person] && Object.keys(state.people[person].groups).length === 0) delete state.people[person];
    return [200, { state: 'out' }];
  }
  if (method !== 'PUT') return [405, { problem: 'Only GET, PUT and DELETE.' }];
  if (!state.groups.some((each) => each.id === name)) return [404, { problem: 'There is no such group.' }];
  if (typeof json?.address !== 'string' || json.address === '') return [422, { problem: 'Without an address.' }];
  const unknown = Object.keys(json.fields ?? {}).find((field) => !state.fields.some((each) => each.id === field));
  if (unknown) return [422, { problem: `There is no field ${unknown}.` }];
  const missing = state.fields.find((field) => field.required && !json.fields?.[field.id]);
  if (missing) return [422, { problem: `${missing.id} is required.` }];
  const waits = state.asks && !(state.takesConfirmed && json.confirmed);
  const known = state.people[person] ?? { groups: {} };
  state.people[person] = {
    address: json.address, fields: json.fields ?? {}, marks: [...new Set([...(known.marks ?? []), ...(json.mark ? [json.mark] : [])])],
    groups: { ...known.groups, [name]: waits ? 'waiting' : 'in' },
  };
  return [200, { state: state.people[person].groups[name] }];
}

function home() {
  const modes = {
    take: 'takes people', fail: 'fails (500)', busy: 'is busy (429)', slow: 'answers after 5 seconds', revoked: 'refuses every key (401)',
    elsewhere: 'redirects',
  };
  const choices = Object.entries(modes).map(([name, text]) => `<option value="${name}"${name === mode.name ? ' selected' : ''}>${text}</option>`).join('');
  const pairs = (of) => Object.entries(of).map(([name, value]) => `${escape(name)}: ${escape(value).slice(0, 60)}`).join('<br>');
  const rows = Object.values(state.people).map((p) => `<tr><td>${escape(p.address)}</td><td>${pairs(p.groups)}</td><td>${pairs(p.fields)}</td>
<td>${p.marks.map(escape).join(', ')}</td></tr>`).join('');
  return page('List service stand-in', `<form method="post" action="/mode"><label>It <select name="name">${choices}</select></label>
<input type="hidden" name="seconds" value="5"><button>Set</button></form>
<form method="post" action="/asks"><label><input type="checkbox" name="asks"${state.asks ? ' checked' : ''}> asks to confirm once more</label>
<label><input type="checkbox" name="takes"${state.takesConfirmed ? ' checked' : ''}> takes the confirmed as confirmed</label><button>Set</button></form>
<form method="post" action="/field"><label>A field <input name="id" size="12"></label><button>Create</button></form>
<form method="post" action="/group"><label>A group <input name="id" size="12"></label><button>Create</button></form>
<form method="post" action="/forget"><button>Forget everybody</button></form>
<p>Its key is <code>${escape(state.key)}</code></p>
<table><thead><tr><th>Address</th><th>Groups</th><th>Fields</th><th>Marks</th></tr></thead>
<tbody>${rows || '<tr><td colspan="4">Nobody yet.</td></tr>'}</tbody></table>`);
}

const acts = {
  mode: (data) => { mode = { name: data.get('name') ?? 'take', seconds: Number(data.get('seconds') ?? 0) }; },
  asks: (data) => { state.asks = data.has('asks'); state.takesConfirmed = data.has('takes'); },
  field: (data) => state.fields.push({
    id: data.get('id'), title: data.get('title') ?? '', type: data.get('type') ?? 'text', required: data.has('required'),
  }),
  group: (data) => { state.groups.push({ id: data.get('id'), title: data.get('id') }); },
  key: (data) => { state.key = data.get('key') ?? state.key; },
  forget: () => { state.people = {}; },
};

createServer(async (request, response) => {
  const send = sender(response);
  const path = new URL(request.url, 'http://lists').pathname;
  const text = await body(request);
  if (request.method === 'POST' && acts[path.slice(1)]) {
    acts[path.slice(1)](new URLSearchParams(text));
    save();
    return response.writeHead(303, { Location: '/' }).end();
  }
  if (path === '/people.json') return send(200, 'application/json', JSON.stringify(Object.values(state.people)));
  if (path === '/calls.json') return send(200, 'application/json', JSON.stringify(state.calls));
  if (path === '/') return send(200, 'text/html', home());
  // What was asked of it, without the words: who looks may see that one thing came twice under one key.
  state.calls = [...state.calls, { method: request.method, path, repeats: request.headers['idempotency-key'] ?? null, mode: mode.name }].slice(-2000);
  const give = (status, value) => send(status, 'application/json', JSON.stringify(value));
  const taken = () => {
    if (request.headers.authorization !== `Bearer ${state.key}` || mode.name === 'revoked') return give(401, { problem: 'No such key.' });
    let json = null;
    try { json = text === '' ? null : JSON.parse(text); } catch { return give(400, { problem: 'Not JSON.' }); }
    const [status, value] = answer(request.method, path, json);
    save();
    return give(status, value);
  };
  switch (mode.name) {
    case 'fail': return give(500, { problem: 'It failed.' });
    case 'busy': return give(429, { problem: 'Too busy.' });
    case 'elsewhere': return response.writeHead(302, { Location: 'http://elsewhere.example/' }).end();
    case 'slow': return setTimeout(taken, mode.seconds * 1000);
    default: return taken();
  }
}).listen(Number(options.http), '127.0.0.1');

for (const signal of ['SIGTERM', 'SIGINT']) process.on(signal, () => process.exit(0));
