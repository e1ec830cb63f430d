// Every control of every screen is used, found by itself; then the page is opened anew, and what was set must be there: on the screen, in what is
// stored and in the form's proof; and nothing else may have changed. A screen or control that comes tomorrow is used without being named here.
import { existsSync, readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { holdDown, home, kill, letUp, long, signIn } from './support.mjs';
import { keep, putBack } from './walk/clone.mjs';
import { differing, record, sent, standing } from './walk/record.mjs';
import { left, screens } from './walk/screens.mjs';
import { candidates, manners, perhaps, quiet, use, watch } from './walk/use.mjs';

/** What is not pressed, and why. */
const notPressed = [
  { name: /^(Please leave this field empty)$/, why: 'a trap for programs; no person sees it' },
  { name: /^Sign out$/, why: 'ends the session that walks; office.spec.mjs signs in and out' },
  { name: /^Close$/, why: 'stands in the list of keys, which is closed' },
];

/** Each screen is walked by the first of them who may see it; the colleague is who changes the same place meanwhile. */
const walkers = { officer: 'runa@tidewick.example', administrator: 'sven@tidewick.example' };
const colleague = 'arne@tidewick.example';
const cookies = (role) => `${home}/walk.${role}.json`;
const parts = ['scheduler', 'worker', 'worker2', 'queue'];
const inPage = readFileSync(new URL('./walk/inpage.js', import.meta.url), 'utf8');
const tally = { screens: 0, found: 0, used: 0, gone: 0, left: new Map() };

test.beforeAll(async ({ browser }) => {
  // What works by itself would change the database beneath the walk, and what it was about would hold tables that are put back.
  for (const part of parts) { holdDown(part); try { kill(part); } catch { /* was down already */ } }
  if (existsSync(cookies('officer'))) { putBack(); return; }
  for (const [role, email] of Object.entries({ ...walkers, colleague })) {
    const context = await browser.newContext();
    await signIn(await context.newPage(), email);
    await context.storageState({ path: cookies(role) });
    await context.close();
  }
  keep();
});
test.afterAll(() => {
  putBack();
  for (const part of parts) letUp(part);
  const why = [...tally.left].map(([what, reason]) => `    left out: ${what}: ${reason}`).join('\n');
  console.log(`walked: ${tally.screens} screens, ${tally.found} controls found, ${tally.used} used, ${tally.gone} gone after others were used\n${why}`);
});

/** Whether it is the first of its kind, which in a short walk stands for all that are alike: the same act at places alike but for their items. */
function standsForItsKind() {
  const seen = {};
  return (control) => {
    const ids = /(?<=^(fields|statements|departures)\/)[^/]+|(?<=\/options\/)[^/]+/g;
    const kind = [control.kind, control.does, control.place?.replace(ids, '*') ?? control.key, control.name.split(' ')[0]].join(' ');
    seen[kind] = (seen[kind] ?? 0) + 1;
    return long || seen[kind] === 1;
  };
}
const going = long ? manners.slice(1) : manners.slice(0, 1);
// A short walk goes where most is kept, one sheet, and to screens on which people are decided about; records are built as sheets are.
const short = ['points/{point}', 'audit/forms/{form}', 'enquiries/{enquiry}', 'held', 'account', 'login'];
const firstOf = (screen, i, all) => short.includes(screen.route) && all.findIndex(({ route }) => route === screen.route) === i;
const walks = screens().filter((...screen) => long || firstOf(...screen)).flatMap((screen) => going.map((manner) => ({ ...screen, manner })));

// Shards are thirds of the list. What takes long, the sheets and records, is dealt out by turns, and so is the rest; slow manners, too.
const takesLong = ({ route }) => ['points/{point}', 'records/{kind}/{slug}'].includes(route);
const third = (i) => (going.length === 1 ? i : i + Math.floor(i / going.length)) % 3;
const kinds = [takesLong, (walk) => !takesLong(walk)];
const shared = [0, 1, 2].flatMap((which) => kinds.flatMap((kind) => walks.filter(kind).filter((_, i) => third(i) === which)));

for (const walk of shared) {
  test(`${walk.path}, ${walk.manner.says}`, async ({ browser }) => {
    putBack();
    const { context, page, now } = await opened(browser, walk);
    await quiet(now);
    const controls = await page.evaluate(() => window.walk.list());
    tally.screens += 1;
    tally.found += controls.length;
    const usable = controls.filter((control) => {
      const reason = notPressed.find(({ name }) => name.test(control.name));
      if (reason) tally.left.set(control.name, reason.why);
      return !reason;
    });
    expect.soft(await page.evaluate(() => window.walk.tiny()), 'fields too small to hit').toEqual([]);
    const sheet = usable.filter((control) => control.sheet);
    if (sheet.length > 0) await useSheet(page, now, walk, sheet);
    await useRest(page, now, walk, usable.filter((control) => !control.sheet && control.kind !== 'button' && control.form < 0));
    await useForms(page, now, walk, usable.filter((control) => !control.sheet || control.form >= 0));
    expect(now.wrong).toEqual([]);
    await quiet(now);
    await context.close();
  });
}

/** The screen, opened by whoever may see it. */
async function opened(browser, walk) {
  for (const role of walk.guest ? [null] : Object.keys(walkers)) {
    const context = await browser.newContext({ storageState: role === null ? undefined : cookies(role) });
    await context.addInitScript({ content: inPage });
    const page = await context.newPage();
    const now = watch(page);
    const status = (await page.goto(walk.path)).status();
    if (status !== 403) return { context, page, now };
    await context.close();
  }
  throw new Error(`${walk.path} is open to nobody who walks.`);
}

/** Everything is put back, once nothing that a page asked for is still under way. */
async function again(now, ...pages) {
  await quiet(now);
  for (const page of pages) await page.goto('about:blank');
  putBack();
}

/** Fields and choices of a sheet, which save themselves, all of them and one reload; then its buttons, each looked at by itself. */
async function useSheet(page, now, walk, controls) {
  const before = record(walk.path);
  const [set, maybe] = [[], []];
  const fields = controls.filter((control) => control.place && !['button', 'disclosure'].includes(control.kind) && control.form < 0);
  for (const [turn, control] of fields.entries()) {
    const shows = await use(page, control, walk.manner, now, turn, likeliest(control));
    if (shows === perhaps) maybe.push(control.place);
    if (shows === undefined || shows === perhaps) { tally.gone += 1; continue; }
    tally.used += 1;
    if (shows === null) continue;
    set.push({ ...control, shows });
    const open = await page.evaluate((key) => window.walk.find(key)?.checkVisibility(), control.key);
    // What another choice took away is not there to be open.
    if (control.kind === 'checkbox' && open !== undefined) expect.soft(open, `${control.key} is still open`).toBe(true);
  }
  // Two hundred fields of a great sheet are filled in faster than any person types; they are saved one after another.
  await expect.poll(() => page.locator('#sheet-body[data-saving]').count(), { timeout: long ? 180_000 : 20_000 }).toBe(0);
  await quiet(now, 400);
  expect.soft(await page.evaluate(() => window.walk.focus()), 'the focus').toBe('seen');
  // What was refused is tried with other words, and must be said where it can be seen.
  for (const control of set.filter((each) => each.kind === 'text' && sent(standing(record(walk.path).document, each.place)) !== each.shows)) {
    // A language that is offered no more took its fields with it.
    control.gone = !(await page.evaluate((key) => window.walk.find(key)?.checkVisibility(), control.key));
    for (const words of control.gone ? [] : candidates(control).slice(1)) {
      await use(page, control, { ...walk.manner, slowly: true }, now, 0, words);
      // It is stored, or refused at its field, before anything else is tried.
      const stands = () => sent(standing(record(walk.path).document, control.place)) === words;
      await expect.poll(async () => stands() || page.locator(`[id="said-${control.key.slice(1)}"]`).isVisible(), { timeout: 8000 }).toBe(true);
      await quiet(now, 300);
      const hidden = await page.evaluate((id) => window.walk.hidden(id), `said-${control.key.slice(1)}`);
      expect.soft(hidden, `answers off the screen, ${control.key}`).toEqual([]);
      control.shows = words;
      if (sent(standing(record(walk.path).document, control.place)) === words) break;
    }
  }
  const after = record(walk.path);
  // Another kind of field has other answers, and what hung on the old ones hangs on it no more.
  const isKind = (place) => /^fields\/[^/]+\/kind$/.test(place);
  const others = set.some((control) => isKind(control.place));
  const hangs = (place) => /\/when(\/|$)/.test(place) && others;
  for (const control of set.filter((each) => !each.gone && !hangs(each.place))) expectStored(after.document, control);
  const meant = [
    ...set.map((control) => control.place), ...maybe, ...set.filter(({ place }) => isKind(place)).map(({ place }) => place.replace(/kind$/, 'options')),
    ...set.filter(({ place }) => place.endsWith('/when/field')).map(({ place }) => place.replace(/field$/, 'answers')),
  ];
  const lies = (place, each) => place === each || place === `${each} (order)` || place.startsWith(`${each}/`);
  const other = differing(before.document, after.document).filter((place) => !hangs(place) && !meant.some((each) => lies(place, each)));
  expect.soft(other, 'what else changed').toEqual([]);

  await page.goto(walk.path);
  await quiet(now);
  for (const control of set.filter((each) => each.does === 'set' && !hangs(each.place))) {
    // What another choice hides is stored all the same.
    const shown = await page.evaluate((key) => window.walk.value(key), control.key);
    if (shown !== undefined) expect.soft(shown, `${control.key} after opening it anew`).toBe(control.shows);
  }
  if (walk.route === 'points/{point}') await expectProof(page, set);
  await usePresses(page, now, walk);
  await useConflict(page, now, walk, controls.find((control) => control.kind === 'text' && control.place && control.form < 0));
}

/** Somebody else changes the same place meanwhile: who is told so, decides, by each button that is offered, and what was decided stands. */
async function useConflict(page, now, walk, control) {
  if (control === undefined) return;
  const other = await (await page.context().browser().newContext({ storageState: cookies('colleague') })).newPage();
  watch(other);
  for (let choice = 0, offered = 1; choice < offered; choice += 1) {
    await again(now, page, other);
    await page.goto(walk.path);
    await other.goto(walk.path);
    const [theirs, mine] = ['theirs', 'mine'].map((whose) => candidates(control)[0] + (control.value.includes(' ') ? ` ${whose}` : whose));
    const field = page.locator(`[id="${control.key.slice(1)}"]`);
    await field.fill(mine);
    await other.locator(`[id="${control.key.slice(1)}"]`).fill(theirs);
    await other.keyboard.press('Tab');
    await expect.poll(() => sent(standing(record(walk.path).document, control.place))).toBe(theirs);
    await field.press('Tab');
    await quiet(now);
    const choices = page.locator('.conflict button');
    expect.soft(await page.evaluate(() => window.walk.hidden()), 'a conflict off the screen').toEqual([]);
    offered = await choices.count();
    expect(offered, 'what is offered in a conflict').toBeGreaterThan(1);
    const says = (await choices.nth(choice).innerText()).trim();
    if (choice % 2 === 0) await choices.nth(choice).press('Enter'); else await choices.nth(choice).click();
    await quiet(now);
    tally.used += 1;
    await expect.soft(page.locator('.conflict'), `the conflict after "${says}"`).toHaveCount(0);
    const stands = sent(standing(record(walk.path).document, control.place));
    expect.soft([theirs, mine], `what is stored after "${says}"`).toContain(stands);
    expect.soft(await field.inputValue(), `what the field shows after "${says}"`).toBe(stands);
    expect.soft(await page.evaluate(() => window.walk.focus()), `the focus after "${says}"`).toBe('seen');
    if (/mine/i.test(says)) expect.soft(stands, `after "${says}"`).toBe(mine);
  }
  await other.context().close();
}

function expectStored(document, control) {
  const stands = standing(document, control.place);
  const what = `${control.place} as it is stored`;
  if (control.kind === 'checkbox' && control.item) {
    expect.soft(stands?.includes?.(control.item) ?? stands, what).toBe(control.shows);
  } else expect.soft(sent(stands), what).toBe(control.shows);
}

async function expectProof(page, set) {
  const proof = await page.frameLocator('#proof iframe').locator('body').innerText();
  const language = await page.frameLocator('#proof iframe').locator('html').getAttribute('lang');
  for (const control of set.filter((each) => each.kind === 'text' && each.place.endsWith(`/${language}`) && each.language === language)) {
    expect.soft(proof, `${control.place} in the proof`).toContain(control.shows);
  }
}

/** Buttons of a sheet: each changes one place or nothing, keeps the focus in sight, and is answered where one can see it. */
async function usePresses(page, now, walk) {
  const used = new Set();
  const stands = standsForItsKind();
  const first = record(walk.path).document;
  // What is there once more has a button to be there once more: those that began the walk are enough.
  const endless = (each) => each.does === 'copy' && standing(first, each.place) === undefined;
  for (let turn = 0; ; turn += 1) {
    const control = (await page.evaluate(() => window.walk.list()))
      .find((each) => each.sheet && ['button', 'disclosure'].includes(each.kind) && each.form < 0 && !used.has(each.key) && !endless(each));
    if (control === undefined) break;
    used.add(control.key);
    if (!stands(control)) continue;
    const before = record(walk.path);
    await use(page, control, walk.manner, now, turn);
    await quiet(now);
    tally.used += 1;
    const after = record(walk.path);
    expect.soft(after.number - before.number, `revisions by one press of ${control.name}`).toBeLessThanOrEqual(1);
    if (control.place && control.kind === 'button') {
      const list = control.place.split('/').slice(0, -1).join('/');
      const added = (place) => control.does === 'copy' && place.startsWith(`${list}/`)
        && standing(before.document, place.split('/').slice(0, control.place.split('/').length).join('/')) === undefined;
      const other = differing(before.document, after.document).filter((place) => place !== control.place && !place.startsWith(`${control.place}/`)
        && ![`${list} (order)`, `${control.place} (order)`].includes(place) && !added(place));
      expect.soft(other, `what else changed by ${control.name}`).toEqual([]);
    }
    if (control.kind === 'disclosure') expect.soft(after.number, `${control.name} only opens`).toBe(before.number);
    expect.soft(await page.evaluate(() => window.walk.focus()), `the focus after ${control.name}`).toBe('seen');
    expect.soft(await page.evaluate(() => window.walk.hidden()), `answers off the screen after ${control.name}`).toEqual([]);
  }
}

/** What belongs to no form and no sheet: disclosures, the lifeline's cursor. */
async function useRest(page, now, walk, controls) {
  if (controls.length > 0) await page.goto(walk.path);
  for (const [turn, control] of controls.entries()) {
    if (await use(page, control, walk.manner, now, turn, likeliest(control)) === undefined) { tally.gone += 1; continue; }
    await quiet(now);
    tally.used += 1;
    expect.soft(await page.evaluate(() => window.walk.focus()), `the focus after ${control.key}`).toBe('seen');
  }
}

/** Of several of which one is chosen, the last that was. */
const stands = (control, i, all) => control.kind !== 'radio'
  || !all.slice(i + 1).some((later) => later.kind === 'radio' && later.key.split('|')[3] === control.key.split('|')[3]);

/** What is typed first where something is typed. */
const likeliest = (control) => (control.kind === 'text' ? candidates(control)[0] : '');

/** Each form filled in and sent: it is done, or refused with everything that was typed. */
async function useForms(page, now, walk, controls) {
  const kinds = standsForItsKind();
  const shapes = {};
  // The forms of a list's rows do the same with one thing each: the first stands for all in a short walk, as places alike do on a sheet.
  const alike = (form) => {
    const mine = controls.filter((control) => control.form === form);
    const action = mine[0].action.replace(/\b[0-9a-f]{8,}\b|\b\d+\b/g, '*');
    const shape = [mine[0].method, action, ...mine.map(({ kind, name }) => `${kind} ${name.split(' ')[0]}`)].join(' ');
    shapes[shape] = (shapes[shape] ?? 0) + 1;
    return mine.map((control) => control.place && !kinds(control)).some(Boolean) || (!long && shapes[shape] > 1);
  };
  const forms = [...new Set(controls.filter((control) => control.form >= 0).map((control) => control.form))].filter((form) => !alike(form));
  const loose = controls.filter((control) => control.kind === 'button' && control.form < 0);
  for (const form of forms) {
    const mine = controls.filter((control) => control.form === form);
    const buttons = mine.filter((control) => control.submits);
    for (const button of buttons.length > 0 ? buttons : [null]) {
      await again(now, page);
      await page.goto(walk.path);
      await quiet(now);
      const filled = [];
      for (const [turn, control] of mine.filter((each) => each.kind !== 'button').entries()) {
        const shows = await use(page, control, walk.manner, now, turn, likeliest(control));
        if (shows === undefined) { tally.gone += 1; continue; }
        tally.used += 1;
        if (shows !== null) filled.push({ ...control, shows });
      }
      for (const control of filled.filter((each) => each.kind !== 'radio')) {
        expect.soft(await page.evaluate((key) => window.walk.value(key), control.key), `${control.key} while the form is filled in`).toBe(control.shows);
      }
      if (button === null) continue;
      const items = () => (button.does === 'add' ? Object.keys(standing(record(walk.path).document, button.place)).length : 0);
      const before = items();
      if (await use(page, button, walk.manner, now, form) === undefined) { tally.gone += 1; continue; }
      await quiet(now);
      // Whoever is as fast as this is put a puzzle, which the page solves and sends by itself.
      await page.locator('#puzzle[data-bits]').waitFor({ state: 'detached', timeout: 10_000 });
      await quiet(now);
      tally.used += 1;
      if (button.does === 'add') expect.soft(items(), `what ${button.name} added to ${button.place}`).toBe(before + 1);
      const refused = await page.evaluate(() => window.walk.errors());
      expect.soft(await page.evaluate(() => window.walk.hidden()), `answers off the screen after ${button.name}`).toEqual([]);
      if (refused > 0 || button.method === 'get') {
        for (const control of filled.filter(stands)) {
          const shown = await page.evaluate((key) => window.walk.value(key), control.key);
          if (shown !== undefined) expect.soft(shown, `${control.key} after ${button.name}`).toBe(control.shows);
        }
      }
    }
  }
  for (const control of loose) {
    await page.goto(walk.path);
    await use(page, control, walk.manner, now, 1);
    await quiet(now);
    tally.used += 1;
  }
}

test('what is no screen is named with its reason', () => {
  for (const [route, why] of Object.entries(left)) expect(why, route).not.toBe('');
});
