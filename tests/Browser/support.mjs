// What the browser tests share: the mailbox stand-in, the instance's commands, axe.
import http from 'node:http';
import { execFileSync } from 'node:child_process';
import { appendFileSync, existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { AxeBuilder } from '@axe-core/playwright';
import { expect } from '@playwright/test';

export const home = process.env.JURAMEN_HOME;
export const site = `http://127.0.0.1:${process.env.PORT}`;
const mailbox = `http://127.0.0.1:${process.env.MAILBOX_PORT}`;
const root = new URL('../..', import.meta.url).pathname;

export const mails = async (to) => (await fetch(`${mailbox}/mails.json?to=${encodeURIComponent(to)}`)).json();
/** Keys of all mails that ever arrived and were not forgotten, each as often as it did. */
export const mailIds = async () => (await fetch(`${mailbox}/ids.json`)).json();
/** Messages to a number, the newest first. */
export const messages = async (to) => (await fetch(`${mailbox}/messages.json?to=${encodeURIComponent(to)}`)).json();
export const mailServer = (name, seconds = 0) => fetch(`${mailbox}/mode`, { method: 'POST', body: new URLSearchParams({ name, seconds }), redirect: 'manual' });
/** The list service stand-in: whom it knows, what was asked of it, and how it is to behave. */
const lists = `http://127.0.0.1:${process.env.LISTS_PORT ?? Number(process.env.MAILBOX_PORT) + 1}`;
export const handedOver = async (address) => (await (await fetch(`${lists}/people.json`)).json())
  .filter((person) => person.address === address);
export const listCalls = async () => (await fetch(`${lists}/calls.json`)).json();
export const listService = (act, values = {}) => fetch(`${lists}/${act}`, { method: 'POST', body: new URLSearchParams(values), redirect: 'manual' });
/** What the clock does, at once. */
export const scheduled = (name) => artisan('schedule:test', `--name=${name}`);
export const linkIn = (mail, path) => mail.text.match(new RegExp(`http://[^\\s]+/${path}/[^\\s>]+`))[0];

/** Waits for the number of mails to an address; fails with what is there. */
export async function waitForMails(to, count) {
  await expect.poll(async () => (await mails(to)).length, { timeout: 15_000, message: `mails to ${to}` }).toBe(count);
  return mails(to);
}

/** Runs an artisan command of the instance; returns its exit code and what it printed. */
export function artisan(...args) {
  try {
    return { code: 0, out: execFileSync('php', ['artisan', ...args], { cwd: root, encoding: 'utf8', stdio: ['ignore', 'pipe', 'ignore'] }) };
  } catch (e) {
    return { code: e.status, out: e.stdout };
  }
}

/** A part's process id; waits where it is just being written down, since 0 would be everybody here. */
export function pid(part) {
  for (let tries = 0; tries < 100; tries += 1) {
    const id = Number(readFileSync(`${home}/run/${part}.pid`, 'utf8'));
    if (id > 1) return id;
    Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, 20);
  }
  throw new Error(`${part} has no process id.`);
}
export const holdDown = (part) => writeFileSync(`${home}/run/${part}.hold`, '');
export const letUp = (part) => rmSync(`${home}/run/${part}.hold`, { force: true });
export const kill = (part) => process.kill(pid(part), 'SIGKILL');

/** Lets a test of something else send as fast as it likes; without an argument the flood gate stands as it ships. */
export function floodGate(open = '') {
  const kept = readFileSync(`${home}/env`, 'utf8').split('\n').filter((line) => line !== '' && !line.startsWith('FLOOD_')).join('\n');
  writeFileSync(`${home}/env`, `${kept}\n`);
  // What was flooded before raises no puzzle in what comes now.
  sql('DELETE FROM flood');
  if (open === 'open') appendFileSync(`${home}/env`, ['NETWORK', 'PLACEMENT', 'POINT', 'WHOLE'].map((name) => `FLOOD_${name}=100000\n`).join(''));
}

export function sql(query) {
  return execFileSync('mariadb', ['--no-defaults', `--socket=${home}/run/mariadb.sock`, '-N', '-B', '-e', query, 'juramen'], { encoding: 'utf8' }).trim();
}

/** Waits until a killed part is there again and answers. */
export async function waitForPart(part) {
  await expect.poll(() => {
    try {
      process.kill(pid(part), 0);
      return part === 'mariadb' ? sql('SELECT 1') === '1' : existsSync(`${home}/run/${part}.pid`);
    } catch { return false; }
  }, { timeout: 30_000, message: `${part} is back` }).toBe(true);
}

/** Without its comments and long names, which a browser would read anew at every look. */
const axeSource = readFileSync(new URL('../../node_modules/axe-core/axe.min.js', import.meta.url), 'utf8');

/** A long run goes everywhere and looks at everything; a short one takes the main way once, and what stands for the rest. */
export const long = process.env.LONG === '1';

/** What is asked of colours and sizes. */
const byLooks = ['color-contrast', 'link-in-text-block', 'target-size'];

/**
 * No guideline is broken by what is on the screen.
 * @param  colours  contrast too, of links as well, and the size of what is pressed, which take as long as all else: main screens have them
 *   looked at, what opens on them only in a long run
 * @param  only  these rules, where not all of the guidelines are meant
 */
export async function accessible(page, { colours = long, only = [] } = {}) {
  const axe = new AxeBuilder({ page, axeSource }).options({ resultTypes: ['violations'], preload: false }).setLegacyMode();
  if (only.length > 0) axe.withRules(only);
  else axe.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']).disableRules(colours ? [] : byLooks);
  const found = await axe.analyze();
  expect(found.violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target).join(' | ')}`)).toEqual([]);
}

export async function signIn(page, email = 'runa@tidewick.example') {
  await page.goto('/login');
  await page.getByLabel('Email').fill(email);
  await page.getByLabel('Password').fill('harbour-lamp-42');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page).toHaveURL(/\/desk$/);
}

/** Nobody is signed in any more: the page is left first, or an answer still on its way would bring the session back. */
export async function signOut(page) {
  await page.goto('about:blank');
  await page.context().clearCookies();
}

/** Fills the newsletter form in and sends it, no faster than a person. */
export async function signUp(page, { email, name = '', language = 'de', tick = true }) {
  await page.goto(`/forms/footer-newsletter/${language}`);
  if (name) await page.locator('#first-name').fill(name);
  await page.locator('#email').fill(email);
  if (tick) await page.locator('#yes-voyage-news').check();
  await page.waitForTimeout(2100);
  await page.locator('form button').click();
}

/** Opens the form as a program does and returns its marks. */
export async function marks(language = 'en') {
  const html = await (await fetch(`${site}/forms/footer-newsletter/${language}`)).text();
  return Object.fromEntries([...html.matchAll(/<input type="hidden" name="(\w+)" value="([^"]+)">/g)].map((m) => [m[1], m[2]]));
}

/** What every browser sends with a form. */
export const asBrowsers = { 'User-Agent': 'Mozilla/5.0', Accept: 'text/html,*/*;q=0.8', 'Accept-Language': 'en-GB,en;q=0.7' };

/** Sends the form; a refused connection counts as status 0. `agent` gives a connection of one's own. */
export function send(email, given, agent) {
  const body = new URLSearchParams({ email, 'yes-voyage-news': 'yes', ...given }).toString();
  return new Promise((done) => {
    const headers = { ...asBrowsers, Origin: site, 'Content-Type': 'application/x-www-form-urlencoded', 'Content-Length': Buffer.byteLength(body) };
    const request = http.request(`${site}/forms/footer-newsletter/en`, { method: 'POST', agent, headers }, (response) => {
      let text = '';
      response.on('data', (part) => { text += part; });
      response.on('end', () => done({ status: response.statusCode, text }));
      response.on('error', () => done({ status: 0, text: '' }));
    });
    request.on('error', () => done({ status: 0, text: '' }));
    request.end(body);
  });
}

export const pause = (milliseconds) => new Promise((done) => setTimeout(done, milliseconds));

/** How many consents the ledger holds of each address: entries "given" whose disclosed address it is. */
export function consents(emails) {
  const counts = {};
  const texts = sql("SELECT d.text FROM disclosures d JOIN juramen_ledger.entries e ON e.id = d.entry AND e.kind = 'given'");
  for (const text of texts.split('\n')) {
    const [, name, value] = JSON.parse(Buffer.from(text, 'base64url').toString());
    if (name === 'email') counts[value] = (counts[value] ?? 0) + 1;
  }
  return emails.map((email) => counts[email] ?? 0);
}
