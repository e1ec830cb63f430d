// Plain clients from many addresses of 127.0.0.0/8: a crowd that floods a form, and people who use it as a browser would.
import { createHash } from 'node:crypto';
import http from 'node:http';
import { asBrowsers, pause, site } from '../Browser/support.mjs';

const form = '/forms/footer-newsletter/en';
const hidden = (html) => Object.fromEntries([...html.matchAll(/<input type="hidden" name="(\w+)" value="([^"]+)">/g)].map((m) => [m[1], m[2]]));

/** One request from an address of one's own; status 0 where it got no answer. */
export function ask(method, localAddress, fields = null, agent = undefined) {
  const body = fields === null ? '' : new URLSearchParams(fields).toString();
  const headers = fields === null ? asBrowsers : {
    ...asBrowsers, Origin: site, 'Content-Type': 'application/x-www-form-urlencoded', 'Content-Length': Buffer.byteLength(body),
  };
  return new Promise((done) => {
    const request = http.request(site + form, { method, localAddress, agent, headers, timeout: 30_000 }, (response) => {
      let text = '';
      response.on('data', (part) => { text += part; });
      response.on('end', () => done({ status: response.statusCode, text }));
      response.on('error', () => done({ status: 0, text: '' }));
    });
    request.on('timeout', () => request.destroy());
    request.on('error', () => done({ status: 0, text: '' }));
    request.end(body);
  });
}

/** As the page's script does: a number whose digest begins with so many zero bits; nothing where no puzzle is put. */
function solved(html) {
  const bits = /data-bits="(\d+)"/.exec(html)?.[1];
  const { puzzle } = hidden(html);
  for (let n = 0; bits !== undefined; n += 1) {
    if (createHash('sha256').update(`${puzzle}:${n}`).digest().readUInt32BE(0) < 2 ** (32 - Number(bits))) return { 'puzzle-solution': String(n) };
  }
  return {};
}

/** Opens the form, takes three seconds, sends it, and does what the page says: waits a moment and presses once more, for so many seconds. */
export async function person(email, address, patience) {
  const page = await ask('GET', address);
  await pause(3000);
  const started = performance.now();
  let answer = await ask('POST', address, { email, 'yes-voyage-news': 'yes', ...hidden(page.text) });
  let presses = 1;
  while ((answer.status === 429 || answer.status === 422) && performance.now() - started < patience * 1000) {
    // Busy, it waits a moment; what is put to it the page's script solves.
    const more = answer.status === 429 ? (await pause(1000), {}) : solved(answer.text);
    answer = await ask('POST', address, { email, 'yes-voyage-news': 'yes', ...hidden(answer.text), ...more });
    presses += 1;
  }
  return { email, address, opened: page.status, status: answer.status, presses, seconds: (performance.now() - started) / 1000 };
}

/**
 * Posts so many a second, with marks gathered beforehand, each good for a sign-up, until told to stop; returns what it was answered.
 * Where `spare` is set, at most half as many again a second as this machine has just shown the form: what it cannot answer nobody gets through.
 */
export async function flood({ networks, rate: wanted, marks, spare }) {
  const addresses = Array.from({ length: networks }, (_, i) => `127.${20 + Math.floor(i / 250)}.${i % 250}.9`);
  const pool = [];
  const opened = async (_, i) => hidden((await ask('GET', addresses[i % networks])).text);
  const began = performance.now();
  while (pool.length < marks) pool.push(...(await Promise.all(Array.from({ length: 10 }, opened))));
  const shown = Math.round((pool.length / (performance.now() - began)) * 1000);
  const rate = spare ? Math.min(wanted, 1.5 * shown) : wanted;
  await pause(2100);
  const answers = {};
  let [sent, open, stopped] = [0, 0, false];
  const agent = new http.Agent({ keepAlive: false });
  const one = async () => {
    sent += 1;
    open += 1;
    const mark = pool.shift() ?? {};
    const email = `crowd.${sent}.${(Date.now() % 1e9)}@post.example`;
    const answer = await ask('POST', addresses[sent % networks], { email, 'yes-voyage-news': 'yes', ...mark }, agent);
    open -= 1;
    answers[answer.status] = (answers[answer.status] ?? 0) + 1;
    // What was not taken is sent again; it does not wait, or it would be no flood.
    if (answer.status === 429 && mark.visit) pool.push(mark);
  };
  const started = performance.now();
  const beat = setInterval(() => {
    const due = Math.floor(((performance.now() - started) / 1000) * rate) - sent;
    for (let i = 0; i < due && !stopped; i += 1) one();
  }, 20);
  return {
    async stop() {
      stopped = true;
      clearInterval(beat);
      const seconds = (performance.now() - started) / 1000;
      while (open > 0) await pause(50);
      return { sent, shown, perSecond: Math.round(sent / seconds), answers };
    },
  };
}
