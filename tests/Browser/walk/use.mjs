// How a control is used: by mouse or keys, slowly or at typing speed with an immediate Tab.
import { expect } from '@playwright/test';
import { writeFileSync } from 'node:fs';
import { home } from '../support.mjs';
import { touch } from './clone.mjs';

/** @typedef {{by: 'mouse'|'keys'|'both', slowly: boolean, pastes: number, says: string}} Manner  both: by turns */
export const manners = [
  { by: 'both', slowly: false, pastes: 30, says: 'by mouse and keys in turn, at typing speed' },
  ...['mouse', 'keys'].flatMap((by) => [true, false].map((slowly) => (
    { by, slowly, pastes: 200, says: `by ${by}, ${slowly ? 'slowly' : 'at typing speed'}` }))),
];

/** What use() gives where nobody can say whether a control was still there when it was used. */
export const perhaps = Symbol('perhaps');

/** Notes what is under way, so that one can wait until nothing is. */
export function watch(page) {
  const now = { asked: new Set(), last: Date.now(), wrong: [] };
  const done = (request) => { now.asked.delete(request); now.last = Date.now(); };
  page.on('request', (request) => {
    // Looking at somebody's evidence is written down, too.
    if (request.method() !== 'GET' || request.url().includes('/evidence/')) touch();
    now.asked.add(request);
    now.last = Date.now();
  });
  page.on('requestfinished', done);
  page.on('requestfailed', done);
  page.on('pageerror', (error) => now.wrong.push(`the page broke: ${error.message}`));
  page.on('response', (response) => {
    if (response.status() >= 500) now.wrong.push(`${response.request().method()} ${response.url()} answered ${response.status()}`);
  });
  page.on('console', (message) => {
    // A refusal has a status of its own, which Chromium reports as an error; a question that a newer one took the place of is no fault.
    const meant = /status of 4(03|04|09|22)|htmx:(sendAbort|afterRequest)/.test(message.text());
    if (message.type() === 'error' && !meant) now.wrong.push(`console: ${message.text()}`);
  });
  page.on('dialog', (dialog) => dialog.accept());
  return now;
}

/** Whether it is still under way; of a frame that was taken out of the page, as a proof drawn anew is, nobody hears the end. */
function lasts(request) {
  try { return !request.frame().isDetached(); } catch { return true; }
}

export async function quiet(now, still = 90) {
  const until = Date.now() + 15_000;
  for (;;) {
    const lasting = [...now.asked].filter(lasts);
    if (lasting.length === 0 && Date.now() - now.last >= still) return;
    if (Date.now() > until) throw new Error(`There is no end to ${lasting.map((request) => `${request.method()} ${request.url()}`).join(', ')}.`);
    await new Promise((so) => { setTimeout(so, 20); });
  }
}

/** The control with a key, or null; one with an id is found again where the page was drawn anew meanwhile. */
async function held(page, key) {
  if (!key.startsWith('#')) return (await page.evaluateHandle((k) => window.walk.find(k), key)).asElement();
  const control = page.locator(`[id="${key.slice(1)}"]`);
  return (await control.count()) === 0 ? null : control;
}

/** Opens what a control lies in, as somebody would. */
async function reach(page, key, keys) {
  const summary = await page.evaluate((k) => window.walk.closedOver(k), key);
  if (summary === null) return;
  const element = await held(page, summary);
  if (keys) await element.press('Enter'); else await element.click();
  await expect.poll(() => page.evaluate((k) => window.walk.closedOver(k), key), { message: `${summary} opens` }).toBe(null);
}

/** Words that fit what is asked for there, the likeliest first; what is refused is followed by the next. */
export function candidates(control) {
  const { type, name } = control;
  const value = control.value ?? '';
  if (type === 'color') return [value === '#0f4c5c' ? '#123a52' : '#0f4c5c'];
  if (type === 'date') return ['2027-03-14', new Date(Date.now() + 86_400_000).toISOString().slice(0, 10)];
  if (type === 'number') return [String(Number(value || control.least || 1) + 1), String(control.least || 1), String(Number(value) - 1)];
  if (/^hosts /i.test(name)) return ['walk.example'];
  if (type === 'email') return ['walk@post.example'];
  const ends = ['Walked here', 'walk@tidewick.example', 'https://tidewick.example/walk', '2027-03-14'];
  if (/^https?:/.test(value)) return [`${value.replace(/\/$/, '')}/walk`];
  if (/^\S+@\S+$/.test(value)) return [`walk.${value}`];
  if (/^\d{4}-\d\d-\d\d$/.test(value) || /day|until|ends on|\bfrom\b|\bto\b/i.test(name)) return ['2027-03-14', ...ends];
  return value === '' ? ends : [`${value.trim()} anew`, ...ends];
}

/**
 * Uses a control once.
 * @returns {Promise<string|boolean|null|undefined|symbol>} what it should show from now on; null where there was nothing to set, undefined where it
 *   was gone, perhaps where that is open
 */
export async function use(page, control, manner, now, turn, what) {
  // What is drawn anew at that very moment is looked for once more, as anybody would.
  for (let tries = 0; ; tries += 1) {
    try {
      return await once(page, control, manner, now, turn, what);
    } catch (error) {
      if (await held(page, control.key) === null) return undefined;
      if (tries > 1 || !/not attached|detached|Timeout/.test(error.message)) throw error;
    }
  }
}

async function once(page, control, manner, now, turn, what) {
  const keys = manner.by === 'both' ? turn % 2 === 0 : manner.by === 'keys';
  const element = await held(page, control.key);
  if (element === null) return undefined;
  await reach(page, control.key, keys);
  const delay = manner.slowly ? 30 : 0;
  let shows = null;
  if (control.kind === 'text') {
    // A press on a colour opens the browser's own picker, which takes every key from then on and cannot be driven.
    if (keys || control.type === 'color') await element.focus(); else await element.click();
    if (['color', 'date'].includes(control.type)) {
      await element.fill(what);
      if (control.type === 'color') await element.dispatchEvent('change');
    } else {
      await page.keyboard.press('ControlOrMeta+a');
      // Of a long text the beginning is pasted and the end typed; of which length on, the manner says.
      const pasted = what.length > manner.pastes ? what.length - 12 : 0;
      if (pasted > 0) await page.keyboard.insertText(what.slice(0, pasted));
      await page.keyboard.type(what.slice(pasted), { delay });
    }
    await page.keyboard.press('Tab');
    shows = what;
  } else if (control.kind === 'password') {
    await element.fill('harbour-lamp-42');
  } else if (control.kind === 'choice') {
    // What was chosen before may have given it others.
    const options = await element.locator('option').evaluateAll((all) => all.map((option) => option.value));
    const from = options.indexOf(await element.inputValue());
    if (options.length < 2) return null;
    const to = from + 1 < options.length ? from + 1 : from - 1;
    shows = options[to];
    if (keys) {
      await element.focus();
      await page.keyboard.press(to > from ? 'ArrowDown' : 'ArrowUp');
      // Another choice may have taken it away at that moment, before or behind the key.
      if (await held(page, control.key) === null) return perhaps;
    } else await element.selectOption(shows);
  } else if (['checkbox', 'radio'].includes(control.kind)) {
    shows = control.kind === 'radio' ? true : !(await element.isChecked());
    if (keys) { await element.focus(); await page.keyboard.press('Space'); } else await element.click();
  } else if (control.kind === 'file') {
    const path = `${home}/walk/file.csv`;
    writeFileSync(path, 'statement,language,text\nvoyage-news,en,"Yes, {controller} may email me {rate}. {withdrawal}"\n');
    await element.setInputFiles(path);
  } else if (control.kind === 'slider') {
    const before = await element.getAttribute('aria-valuenow');
    const box = await page.locator('[data-lifeline]:visible').boundingBox();
    if (keys) { await element.focus(); await page.keyboard.press('PageDown'); } else {
      await page.mouse.move(box.x + box.width * 0.7, box.y + 30);
      await page.mouse.down();
      await page.mouse.move(box.x + box.width * 0.4, box.y + 30, { steps: 4 });
      await page.mouse.up();
    }
    await expect.poll(async () => (await held(page, control.key)).getAttribute('aria-valuenow')).not.toBe(before);
  } else if (keys) await element.press('Enter'); else await element.click();
  if (manner.slowly) await quiet(now);
  return shows;
}
