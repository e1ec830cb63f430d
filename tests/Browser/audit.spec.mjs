// The audit as an officer works with it: a form is brought from elsewhere, its question answered, a breach accepted, and what changed is seen.
import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { accessible, scheduled, signIn, site, sql } from './support.mjs';

const bad = `<!doctype html><html lang="en"><head><title>Seahaven rooms</title></head><body><form action="/n" method="post"><h2>Newsletter</h2>
<label>Email <input type="email" name="e" value="somebody@post.example"></label>
<label><input type="checkbox" name="c" checked> Yes, Tidewick Ferries may email me its new sailings and fares once a month.</label>
<button>Subscribe</button></form></body></html>`;
const webSite = `http://127.0.0.1:${process.env.SITE_PORT ?? Number(process.env.PORT) + 4}`;
const becomes = (state) => fetch(`${webSite}/state`, { method: 'POST', body: new URLSearchParams({ state }), redirect: 'manual' });
const nextMonth = () => new Date(Date.now() + 30 * 86400e3).toISOString().slice(0, 10);

test('a bad form is pasted, asked about, compared and accepted for a while, and the next audit tells what is new', async ({ page }) => {
  await signIn(page);
  await page.keyboard.press('g');
  await page.keyboard.press('u');
  await expect(page.getByRole('heading', { name: 'Audit', exact: true })).toBeVisible();
  await accessible(page);
  await page.getByRole('link', { name: 'Read a form from elsewhere' }).click();

  // Nothing given, then something that is no form: what was typed stays.
  await page.getByLabel('What it is called here').fill('Seahaven, pasted');
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('alert')).toContainText('Paste a page or a part of one');
  await page.getByLabel('Or the page, or a part of one, pasted').fill('<p>Hello</p>');
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('alert')).toContainText('No form stands in what was pasted');
  await expect(page.getByLabel('What it is called here')).toHaveValue('Seahaven, pasted');
  await accessible(page);
  await page.getByLabel('Or the page, or a part of one, pasted').fill(bad);
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('heading', { name: 'Seahaven, pasted' })).toBeVisible();
  await expect(page.locator('main')).not.toContainText('somebody@post.example');
  await expect(page.locator('#place-2')).toContainText('stands on yes beforehand');
  await accessible(page);

  // A question is answered by a person's word, with a reason and an end; without them it is not.
  const question = page.locator('section.note', { hasText: 'Bots kept out' });
  await question.getByText('Answer', { exact: true }).click();
  await question.getByRole('button', { name: 'It is met' }).click();
  await expect(question.getByRole('alert')).toContainText('Say in 15 to 1,000 characters why');
  await question.getByLabel('Why, and on what that rests').fill('Seahaven slows down whoever sends too often.');
  await question.getByLabel('It holds until').fill(nextMonth());
  await question.getByRole('button', { name: 'It is met' }).click();
  await expect(question).toContainText('Attested by Runa Ekdahl');
  const breach = page.locator('section.note', { hasText: 'No answer set before' });
  await breach.getByText('Accept for a while').click();
  await breach.getByLabel('Why, and on what that rests').fill('Seahaven mends it with its new page in spring.');
  await breach.getByLabel('It holds until').fill(nextMonth());
  await breach.getByRole('button', { name: 'Accept it' }).click();
  await expect(breach).toContainText('Accepted by Runa Ekdahl');
  await page.reload();
  await expect(breach).toContainText('Seahaven mends it with its new page in spring.');
  await breach.getByRole('button', { name: 'Take it back' }).click();
  await expect(breach.getByText('Accept for a while')).toBeVisible();

  // It is a copy of one of ours: compared with the edition in force.
  await page.getByText('What it is', { exact: true }).click();
  await page.getByLabel('It is a copy of').selectOption({ label: 'Footer newsletter' });
  await page.getByRole('button', { name: 'Keep' }).click();
  const edition = page.locator('section', { has: page.getByRole('heading', { name: /Beside the edition in force/ }) });
  await expect(edition).toContainText('It stands on “yes” beforehand');
  await accessible(page);

  // Given anew as it should be, it says what changed, and the grid is quiet about it.
  await page.getByText('Read it again').click();
  await page.getByLabel('The page as it is now').fill(bad.replace(' checked', ''));
  await page.getByRole('button', { name: 'Read again' }).click();
  await expect(page.locator('.said')).toContainText('the page is another now');
  await expect(page.locator('main')).toContainText('It stands on “nothing” beforehand, and stood on “yes”.');

  await page.goto('/audit');
  await page.getByRole('button', { name: 'Take an audit' }).click();
  await expect(page.getByRole('heading', { name: /Audit of/ })).toBeVisible();
  await expect(page.locator('aside')).toContainText('New (');
  await accessible(page);
  const [report] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'PDF' }).click()]);
  expect(readFileSync(await report.path()).subarray(0, 5).toString()).toBe('%PDF-');
  await page.goto('/audit');
  await expect(page.locator('.title')).toContainText('nothing has changed');
  // The upper end of a slanted heading is its own, though it stands over other columns.
  const slanted = await page.locator('th.slant a').first().boundingBox();
  await page.mouse.click(slanted.x + slanted.width * 0.8, slanted.y + slanted.height * 0.2);
  await expect(page).toHaveURL(/\/requirements\//);
  await page.goBack();

  // What only a person can say is answered for several forms at once.
  await page.getByRole('link', { name: 'Nothing lost by a no' }).last().click();
  await page.locator('#together').getByRole('checkbox').first().check();
  await page.getByRole('button', { name: 'It is met on these' }).click();
  await expect(page.getByRole('alert')).toContainText('Say in 15 to 1,000 characters why');
  await expect(page.locator('#together').getByRole('checkbox').first()).toBeChecked();
  await page.getByLabel('Why, and on what that rests').fill('Whoever says no gets the same prices and places.');
  await page.getByLabel('It holds until').fill(nextMonth());
  const left = await page.locator('#together').getByRole('checkbox').count();
  await page.getByRole('button', { name: 'It is met on these' }).click();
  await expect(page.locator('.said')).toContainText('Attested.');
  await expect(page.locator('#together').getByRole('checkbox')).toHaveCount(left - 1);
  await accessible(page);
  await page.goto('/audit');

  // A cell opens its note, by keys; a filter stays in the address.
  const cell = page.locator('[data-cell]').first();
  await cell.focus();
  const began = await page.evaluate(() => document.activeElement.href);
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowRight');
  expect(await page.evaluate(() => document.activeElement.href)).not.toBe(began);
  await page.keyboard.press('Enter');
  await expect(page.locator('#found section.note')).toHaveCount(1);
  await page.getByLabel('with', { exact: true }).selectOption('weakness');
  await page.getByRole('button', { name: 'Show' }).click();
  await expect(page).toHaveURL(/verdict=weakness/);
  await page.getByRole('link', { name: /more requirements/ }).click();
  await expect(page.locator('.audit-grid')).toContainText('Not in the address');
  await accessible(page);
});

test('a watched page that changes by itself comes to the desk with both readings, and leaves it when somebody has looked', async ({ page }) => {
  try {
    // As if somebody had just looked, whatever an earlier try left.
    await becomes('as-decided');
    scheduled('watch-forms');
    sql('UPDATE foreign_readings SET looked_at = UTC_TIMESTAMP(6)');
    await becomes('with-a-box');
    scheduled('watch-forms');
    await signIn(page);
    const decision = page.locator('article.decision', { hasText: 'Crew jobs, as its page has it' });
    await expect(decision).toContainText('its page changed by itself');
    await decision.getByRole('link', { name: 'See both' }).click();
    await expect(page.locator('main')).toContainText('A box or choice stands there that did not.');
    await expect(page.locator('ins')).toContainText('Our hotel partners may send me their offers');
    await page.getByRole('button', { name: 'I have looked' }).click();
    await page.goto('/desk');
    await expect(page.locator('main')).not.toContainText('changed by itself');
  } finally {
    await becomes('as-decided');
  }
  expect(Number(sql("SELECT COUNT(*) FROM foreign_readings WHERE how = 'watched'"))).toBeGreaterThan(0);
  expect((await fetch(`${site}/audit`, { redirect: 'manual' })).status).toBe(302);
});

test('what was agreed to on a form at fault is suspended by one officer and lifted by another, and "may we?" says so', async ({ page, browser }) => {
  const allowed = () => Number(sql("SELECT COUNT(*) FROM permissions WHERE point = 'walking-guide' AND allowed"));
  const before = allowed();
  expect(before).toBeGreaterThan(0);
  await signIn(page);
  await page.goto('/audit?form=point+walking-guide');
  const fault = page.locator('section.note', { hasText: 'Suspend what was agreed to there' }).first();
  await fault.getByText('Suspend what was agreed to there').click();
  await fault.getByRole('button', { name: 'Suspend it' }).click();
  await expect(fault.getByRole('alert')).toContainText('Say in 15 to 1,000 characters why');
  await fault.getByLabel('Why', { exact: true }).fill('People could not tell what they agreed to.');
  await fault.getByRole('button', { name: 'Suspend it' }).click();
  const held = page.locator('section.note', { hasText: 'Suspended for' });
  await expect(held).toContainText('Another officer lifts it');
  expect(allowed()).toBe(0);
  await accessible(page);
  scheduled('suspensions');
  await page.reload();
  await expect(held).not.toContainText('more are being written');

  const second = await (await browser.newContext()).newPage();
  await signIn(second, 'arne@tidewick.example');
  await second.goto('/audit?form=point+walking-guide');
  await second.getByText('Lift it').first().click();
  await second.getByLabel('Why it may be used again').fill('Counsel has read it: the words were plain enough.');
  await second.getByRole('button', { name: 'Lift it' }).click();
  await expect(second.locator('.said')).toContainText('may be used again');
  scheduled('suspensions');
  await expect.poll(allowed).toBe(before);
  await expect(second.locator('section.note', { hasText: 'Suspended for' })).toHaveCount(0);
});

test('a finding is given to the web editor by a day, and is off her desk once it is mended; a file shows why another is met', async ({ browser }) => {
  const [officer, editor] = await Promise.all([1, 2].map(async () => (await browser.newContext()).newPage()));
  await signIn(officer);
  await officer.goto('/audit/forms');
  await officer.getByLabel('What it is called here').fill('Seahaven, to mend');
  await officer.getByLabel('Or the page, or a part of one, pasted').fill(bad.replace('Seahaven rooms', 'Seahaven cabins'));
  await officer.getByRole('button', { name: 'Read it' }).click();
  const breach = officer.locator('section.note', { hasText: 'No answer set before' });
  await breach.getByText('Give it to somebody to mend').press('Enter');
  await breach.getByLabel('What to know').fill('The box must start empty.');
  await breach.getByLabel('Who mends it').selectOption({ label: 'Malin Fors, editor' });
  await breach.getByRole('button', { name: 'Give it to them' }).click();
  await expect(breach.getByRole('alert')).toContainText('Say by which day');
  await expect(breach.getByLabel('What to know')).toHaveValue('The box must start empty.');
  await expect(breach.getByLabel('Who mends it')).toHaveValue(/\d/);
  await accessible(officer);
  await breach.getByLabel('By', { exact: true }).fill(nextMonth());
  await breach.getByRole('button', { name: 'Give it to them' }).dblclick();
  await expect(breach).toContainText('Malin Fors mends it by');
  expect(Number(sql('SELECT COUNT(*) FROM assignments a WHERE a.ended_at IS NULL AND a.note LIKE "The box must start empty%"'))).toBe(1);

  // A question rests on a file; a program is none.
  const question = officer.locator('section.note', { hasText: 'Bots kept out' });
  await question.getByText('Answer', { exact: true }).click();
  await question.getByLabel('Why, and on what that rests').fill('The report of their host shows the limits.');
  await question.getByLabel('It holds until').fill(nextMonth());
  const file = (words) => ({ name: 'limits.pdf', mimeType: 'application/pdf', buffer: Buffer.from(words) });
  await question.getByLabel('A file that shows it').setInputFiles(file('\x7fELF no report'));
  await question.getByRole('button', { name: 'It is met' }).click();
  await expect(question.getByRole('alert')).toContainText('this is something else');
  await expect(question.getByLabel('Why, and on what that rests')).toHaveValue('The report of their host shows the limits.');
  // As large as a scan is: what stands before the application lets it through.
  const report = `%PDF-1.4\n${'forty a minute\n'.repeat(100_000)}`;
  await question.getByLabel('A file that shows it').setInputFiles(file(report));
  await question.getByRole('button', { name: 'It is met' }).click();
  const [download] = await Promise.all([officer.waitForEvent('download'), question.getByText('The file on which that rests').click()]);
  expect(readFileSync(await download.path(), 'utf8')).toBe(report);

  // The editor has it on her desk, says too early that it is mended, and mends it.
  await signIn(editor, 'malin@tidewick.example');
  await editor.goto('/desk');
  await editor.locator('article', { hasText: 'Seahaven, to mend' }).getByRole('link', { name: 'Mend it' }).click();
  await expect(editor.locator('#found')).toContainText('The box must start empty.');
  await editor.getByRole('button', { name: 'It is mended' }).click();
  await expect(editor.getByRole('alert')).toContainText('It is still found there as it was');
  await expect(editor.getByRole('button', { name: 'Take it from them' })).toHaveCount(0);
  await editor.getByRole('link', { name: 'Look at the form' }).click();
  await editor.getByText('Read it again').click();
  await editor.getByLabel('The page as it is now').fill(bad.replace('Seahaven rooms', 'Seahaven cabins').replace(' checked', ''));
  await editor.getByRole('button', { name: 'Read again' }).click();
  const mended = editor.locator('section.note', { hasText: 'No answer set before' });
  await expect(mended).toContainText('is found here no more');
  await accessible(editor);
  await mended.getByRole('button', { name: 'It is mended' }).press('Enter');
  await expect(mended).toHaveCount(0);
  await editor.goto('/desk');
  await expect(editor.locator('article', { hasText: 'Seahaven, to mend' })).toHaveCount(0);
  expect(Number(sql('SELECT COUNT(*) FROM assignments a WHERE a.ended_at IS NULL AND a.note LIKE "The box must start empty%"'))).toBe(0);
  await Promise.all([officer, editor].map((page) => page.context().close()));
});
