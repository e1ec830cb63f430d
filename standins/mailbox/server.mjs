// A mailbox that stands in for all the inboxes of the world, and for all their telephones: takes mail over SMTP and messages
// over HTTP, shows them as a reader would, and can be told to refuse, put off, delay or fall silent. Loopback only.
//   node server.mjs --smtp=8101 --http=8102 --store=FOLDER [--returns=URL]
import { createServer } from 'node:http';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync, renameSync } from 'node:fs';
import { join } from 'node:path';
import { SMTPServer } from 'smtp-server';
import { simpleParser } from 'mailparser';
import { body, sender } from '../page.mjs';
import { listPage, mailPage, messagesPage } from './pages.mjs';

const options = Object.fromEntries(process.argv.slice(2).map((a) => a.replace(/^--/, '').split('=')));
const store = options.store;
mkdirSync(store, { recursive: true });

// accept | return (takes it, and reports it as undeliverable) | refuse (550) | unknown (550 5.1.1, for the address) | later (451)
// | delay (takes it after `seconds`) | silent (takes it, never says so) | lost (drops the line before the mail)
let mode = { name: 'accept', seconds: 0 };
let serial = Date.now();
const connections = new Set();

// The report of a mail that could not be delivered (RFC 3464), to its return path, as a mail server would hand it over.
function returnMail(envelope) {
  const [to, of] = [envelope.mailFrom?.address, envelope.rcptTo?.[0]?.address ?? ''];
  if (!to || !options.returns) return;
  const report = [
    'From: Mail Delivery System <postmaster@post.example>', `To: ${to}`, 'Subject: Undelivered mail returned to sender', 'MIME-Version: 1.0',
    'Content-Type: multipart/report; report-type=delivery-status; boundary="part"', 'Auto-Submitted: auto-replied', '',
    '--part', 'Content-Type: text/plain; charset=us-ascii', '', 'Your mail could not be delivered.', '',
    '--part', 'Content-Type: message/delivery-status', '', 'Reporting-MTA: dns; mx.post.example', '',
    `Final-Recipient: rfc822; ${of}`, 'Action: failed', 'Status: 5.1.1', 'Diagnostic-Code: smtp; 550 5.1.1 No such mailbox here', '', '--part--', '',
  ].join('\r\n');
  fetch(options.returns, { method: 'POST', headers: { 'Content-Type': 'message/rfc822' }, body: report }).catch(() => {});
}

function answer(status, raw, envelope, callback) {
  const save = () => {
    const name = `${String(serial++).padStart(16, '0')}.eml`;
    writeFileSync(join(store, name + '.part'), raw);
    renameSync(join(store, name + '.part'), join(store, name));
  };
  const refusal = (code, text) => Object.assign(new Error(text), { responseCode: code });
  switch (status.name) {
    case 'refuse': return callback(refusal(550, '5.7.1 Not taken here'));
    case 'unknown': return callback(refusal(550, '5.1.1 No such mailbox here'));
    case 'later': return callback(refusal(451, 'Try again later'));
    case 'return': save(); callback(); return setTimeout(() => returnMail(envelope), 300);
    case 'delay': return setTimeout(() => { save(); callback(); }, status.seconds * 1000);
    case 'silent': return save();
    default: save(); return callback();
  }
}

const smtp = new SMTPServer({
  authOptional: true,
  disabledCommands: ['AUTH', 'STARTTLS'],
  disableReverseLookup: true,
  size: 5_000_000,
  closeTimeout: 500,
  onData(stream, session, callback) {
    const parts = [];
    stream.on('data', (part) => parts.push(part));
    stream.on('end', () => answer(mode, Buffer.concat(parts), session.envelope, callback));
  },
});
smtp.on('error', () => {});
smtp.server.on('connection', (socket) => { if (mode.name === 'lost') socket.destroy(); });
smtp.listen(Number(options.smtp), '127.0.0.1');

const names = () => readdirSync(store).filter((n) => n.endsWith('.eml')).sort().reverse();
async function read(name) {
  const raw = readFileSync(join(store, name));
  const mail = await simpleParser(raw);
  return {
    name, raw: raw.toString('latin1'),
    from: mail.from?.text ?? '', to: mail.to?.text ?? '', subject: mail.subject ?? '', date: mail.date ?? null,
    messageId: mail.messageId ?? '', text: mail.text ?? '', html: mail.html || '',
    headers: mail.headerLines.map((h) => h.line),
  };
}
// What is searched for, kept of each mail, so that a search does not read every mail anew.
const heads = new Map();
async function head(name) {
  if (!heads.has(name)) {
    const { to, subject, messageId } = await read(name);
    heads.set(name, { searched: `${to} ${subject}`.toLowerCase(), id: messageId.replace(/^<|@.*$/g, '') });
  }
  return heads.get(name);
}
// A mail that is forgotten while the others are read is none of them.
const there = (reading) => reading.catch((error) => { if (error.code === 'ENOENT') return null; throw error; });
async function list(search) {
  const all = [];
  for (const name of names()) {
    const found = !search || (await there(head(name)))?.searched.includes(search.toLowerCase());
    const mail = found ? await there(read(name)) : null;
    if (mail !== null) all.push(mail);
    if (all.length >= 200) break;
  }
  return all;
}
// Messages to numbers: one under each key, however often it is handed over.
const carried = ({ id, from, to, text }) => {
  if (mode.name === 'refuse') return [403, 'Not taken here'];
  if (mode.name === 'unknown' || !/^\+[1-9]\d{6,14}$/.test(to ?? '')) return [422, 'No such number'];
  if (mode.name === 'later') return [503, 'Try again later'];
  if (!/^[0-9a-f]{32}$/.test(id ?? '')) return [400, 'Without a key'];
  const file = join(store, `${id}.sms`);
  if (!existsSync(file)) writeFileSync(file, JSON.stringify({ id, from, to, text, at: new Date().toISOString() }));
  return [200, 'Taken'];
};
const messages = (to) => readdirSync(store).filter((n) => n.endsWith('.sms')).map((n) => JSON.parse(readFileSync(join(store, n))))
  .filter((m) => !to || m.to === to).sort((a, b) => b.at.localeCompare(a.at)).slice(0, 200);

const http = createServer(async (request, response) => {
  const url = new URL(request.url, 'http://mailbox');
  const send = sender(response);
  try {
    const [, area, name] = url.pathname.split('/');
    if (name && !/^\d{16}\.eml$/.test(name)) return send(404, 'text/plain', 'There is no such mail.');
    if (request.method === 'POST' && area === 'mode') {
      const data = new URLSearchParams(await body(request));
      mode = { name: data.get('name') ?? 'accept', seconds: Number(data.get('seconds') ?? 0) };
      return response.writeHead(303, { Location: '/' }).end();
    }
    if (request.method === 'POST' && area === 'forget') {
      const ids = new Set(JSON.parse(await body(request)).ids);
      for (const each of names()) {
        if (!ids.has((await head(each)).id)) continue;
        rmSync(join(store, each), { force: true });
        heads.delete(each);
      }
      for (const id of ids) if (/^[0-9a-f]{32}$/.test(id)) rmSync(join(store, `${id}.sms`), { force: true });
      return send(200, 'application/json', '{}');
    }
    if (request.method === 'POST' && area === 'sms') {
      const [status, text] = carried(JSON.parse(await body(request)));
      return setTimeout(() => send(status, 'text/plain', text), mode.name === 'delay' ? mode.seconds * 1000 : 0);
    }
    if (area === 'messages.json') return send(200, 'application/json', JSON.stringify(messages(url.searchParams.get('to'))));
    if (area === 'messages') return send(200, 'text/html', messagesPage(messages(url.searchParams.get('to')), url.searchParams.get('to') ?? ''));
    if (area === 'ids.json') {
      const heads = await Promise.all(names().map((each) => there(head(each))));
      return send(200, 'application/json', JSON.stringify(heads.filter((each) => each !== null).map((each) => each.id)));
    }
    if (area === 'mails.json') return send(200, 'application/json', JSON.stringify(await list(url.searchParams.get('to'))));
    if (area === 'html') return send(200, 'text/html', '<base target="_blank">' + ((await read(name)).html || '<p>No HTML part.</p>'));
    if (area === 'raw') return send(200, 'text/plain', (await read(name)).raw);
    if (area === 'mail') return send(200, 'text/html', mailPage(await read(name)));
    if (area === '') return send(200, 'text/html', listPage(await list(url.searchParams.get('to')), mode, url.searchParams.get('to') ?? ''));
    return send(404, 'text/plain', 'There is nothing here.');
  } catch {
    return send(404, 'text/plain', 'There is no such mail.');
  }
});
http.on('connection', (socket) => { connections.add(socket); socket.on('close', () => connections.delete(socket)); });
// A line is closed after each answer: nobody can write on one that is being closed for its age.
http.maxRequestsPerSocket = 1;
http.listen(Number(options.http), '127.0.0.1');

for (const signal of ['SIGTERM', 'SIGINT']) process.on(signal, () => process.exit(0));
