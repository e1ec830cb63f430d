// Fields of a sheet as an editor makes them: by mouse, by keyboard, at typing speed; and what a visitor sees of them.
import { expect, test } from '@playwright/test';
import { HtmlValidate } from 'html-validate';
import { accessible, long, signIn } from './support.mjs';

const sheet = '/points/footer-newsletter';
const order = (page) => page.locator('.asked > tbody[data-item]').evaluateAll((rows) => rows.map((row) => row.dataset.item.split('/')[1]));
const saved = (page) => expect(page.locator('#sheet-body')).not.toHaveAttribute('data-saving', 'yes');

/** Drags what a grip holds onto what another holds, as a hand does: in steps, into its upper half. */
async function drag(page, from, onto) {
  await page.locator(from).scrollIntoViewIfNeeded();
  const [a, b] = [await page.locator(from).boundingBox(), await page.locator(onto).boundingBox()];
  await page.mouse.move(a.x + a.width / 2, a.y + a.height / 2);
  await page.mouse.down();
  await page.mouse.move(a.x + a.width / 2, a.y - 12, { steps: 4 });
  await page.mouse.move(b.x + b.width / 2, b.y + 4, { steps: 12 });
  await page.mouse.up();
}

/** Asks for another field, by mouse. */
async function ask(page, kind) {
  await page.getByLabel('Ask for another field').selectOption(kind);
  await page.getByRole('button', { name: 'Add the field' }).click();
}

test('a field with answers is asked for, worded by keyboard, dragged to its place, and stands so on the form', async ({ page }) => {
  await signIn(page, 'malin@tidewick.example');
  await page.goto(sheet);
  const before = await order(page);
  await ask(page, 'choices');
  await expect(page.getByLabel('Answer 1 to choice of several in English')).toBeVisible();
  expect(await order(page)).toEqual([...before, 'choices']);

  // From one answer to the next by Tab, faster than it is saved.
  await page.getByLabel('Answer 1 to choice of several in English').focus();
  for (const words of ['Seals', 'Robben']) {
    await page.keyboard.type(words, { delay: 20 });
    await page.keyboard.press('Tab');
  }
  await page.getByLabel('Answer 2 to choice of several in English').focus();
  for (const words of ['Walks', 'Wanderungen']) {
    await page.keyboard.type(words, { delay: 20 });
    await page.keyboard.press('Tab');
  }
  await page.getByLabel('Help for choice of several in English').fill('As many as you like');
  await page.getByLabel('Help for choice of several in Deutsch').fill('So viele Sie wollen');
  await page.getByLabel('Why choice of several is asked').fill('to write of nothing else');
  await page.keyboard.press('Tab');
  await saved(page);
  const proof = page.frameLocator('#proof iframe');
  await expect(proof.getByRole('group', { name: 'Please tick what fits' })).toContainText('As many as you like');
  await expect(proof.getByLabel('Seals')).not.toBeChecked();
  await accessible(page);

  // Dragged above all others, and an answer above the other; by keyboard back again.
  await drag(page, '#grip-fields-choices', `#grip-fields-${before[0]}`);
  await saved(page);
  await expect.poll(() => order(page)).toEqual(['choices', ...before]);
  await drag(page, '#grip-fields-choices-options-answer-2', '#grip-fields-choices-options-answer-1');
  // While the proof is drawn anew its frame is away for a moment.
  const answers = () => proof.getByRole('group', { name: 'Please tick what fits' }).getByRole('checkbox')
    .evaluateAll((boxes) => boxes.map((b) => b.id)).catch(() => []);
  await expect.poll(answers).toEqual(['choices-answer-2', 'choices-answer-1']);
  await page.getByRole('button', { name: 'Move choice of several down' }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  await expect.poll(() => order(page)).toEqual([...before.slice(0, 2), 'choices', ...before.slice(2)]);
  await page.reload();
  expect(await order(page)).toEqual([...before.slice(0, 2), 'choices', ...before.slice(2)]);
  await expect(page.getByLabel('Answer 1 to choice of several in Deutsch')).toHaveValue('Wanderungen');

  // Another kind keeps the words; once more is behind itself; both go, and nothing else has changed.
  await page.getByLabel('Kind of field of choice of several').selectOption('choice');
  await expect(page.getByLabel('Answer 1 to choice from a list in English')).toHaveValue('Walks');
  await page.getByRole('button', { name: 'Ask for choice from a list once more' }).click();
  await expect.poll(() => order(page)).toHaveLength(before.length + 2);
  for (const left of [before.length + 1, before.length]) {
    await page.getByRole('button', { name: 'Remove choice from a list', exact: true }).click();
    await expect.poll(() => order(page)).toHaveLength(left);
    await saved(page);
  }
  await expect.poll(() => order(page)).toEqual(before);
});

test('typing on in a field that an earlier choice takes away presses nothing and goes nowhere else', async ({ page }) => {
  await page.route('**/change', async (route) => { await new Promise((so) => { setTimeout(so, 400); }); await route.continue(); });
  await signIn(page, 'malin@tidewick.example');
  await page.goto(sheet);
  await ask(page, 'choices');
  await expect(page.getByLabel('Answer 2 to choice of several in Deutsch')).toBeVisible();
  await saved(page);
  const before = await order(page);
  const shown = () => page.locator('#sheet-body').locator('input:visible, textarea:visible').evaluateAll((all) => all.map((each) => [each.id, each.value]));

  await page.getByLabel('Kind of field of choice of several').selectOption('country');
  await page.getByLabel('Answer 2 to choice of several in Deutsch').focus();
  await page.keyboard.type(' '.repeat(24), { delay: 40 });
  await page.keyboard.press('Enter');
  await saved(page);
  expect(await order(page)).toEqual(before);
  await expect(page.locator('[data-item="fields/choices"]')).toBeFocused();
  // What was typed there until then was never saved, and that is said.
  await expect(page.getByRole('alert')).toHaveText('What this was typed in has been taken away meanwhile; undo brings it back. Nothing was saved.');
  const left = await shown();
  await page.keyboard.type('gone with it');
  expect(await shown()).toEqual(left);

  // Tab goes on from there, and what was done is undone in one step.
  await page.keyboard.press('Tab');
  await expect(page.locator('[data-item="fields/choices"] :focus')).toHaveCount(1);
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Answer 2 to choice of several in Deutsch')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect.poll(() => order(page)).toEqual(before.slice(0, -1));
});

test('a form with every kind of field is HTML without an error, read out as it looks, in each language', async ({ page, browser }) => {
  const valid = async (address) => {
    const report = await new HtmlValidate({ extends: ['html-validate:standard'] }).validateString(await (await page.request.get(address)).text());
    expect(report.results.flatMap((file) => file.messages.map((each) => `${address} ${each.line}: ${each.message}`))).toEqual([]);
  };
  for (const form of ['/forms/footer-newsletter/en', '/forms/footer-newsletter/de', '/forms/walking-guide/en']) await valid(form);
  await signIn(page, 'malin@tidewick.example');
  // A sheet that nobody else needs as it was.
  await page.goto('/points/atlantic-newsletter');
  const kinds = await page.getByLabel('Ask for another field').locator('option:not([value=""])').evaluateAll((all) => all.map((option) => option.value));
  expect(kinds).not.toContain('email');
  const before = await order(page);
  for (const kind of kinds) {
    await ask(page, kind);
    await saved(page);
  }
  await expect.poll(() => order(page)).toHaveLength(before.length + kinds.length);
  await saved(page);
  for (const language of ['en', 'de']) {
    const address = (await page.locator('#proof iframe').getAttribute('src')).replace('/proof/en/', `/proof/${language}/`);
    await valid(address);
    const form = await (await browser.newContext({ viewport: { width: 390, height: 844 }, storageState: await page.context().storageState() })).newPage();
    // A proof runs no script, not even axe's: the same page without its sandbox.
    await form.route('**/proof/**', async (route) => route.fulfill({ body: await (await route.fetch()).text(), contentType: 'text/html; charset=utf-8' }));
    await form.goto(address);
    await accessible(form, { colours: true });
    expect(await form.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await form.context().close();
  }
  // A long run walks this sheet, too, as it was.
  for (let left = long ? kinds.length : 0; left > 0; left -= 1) {
    await page.keyboard.press('Control+z');
    await saved(page);
  }
});

test('choosing a field by keys adds none; its button adds one, once, even pressed in haste', async ({ page }) => {
  await signIn(page, 'malin@tidewick.example');
  await page.goto(sheet);
  const before = await order(page);
  const choice = page.getByLabel('Ask for another field');
  await choice.focus();
  await page.keyboard.type('postal', { delay: 60 });
  for (const key of ['ArrowDown', 'ArrowDown', 'ArrowUp']) await page.keyboard.press(key);
  await expect(choice).toHaveValue('country');
  await page.waitForTimeout(400);
  expect(await order(page)).toEqual(before);

  // What is added is chosen no more: a second press asks for a choice first.
  await page.keyboard.press('Tab');
  await expect(page.getByRole('button', { name: 'Add the field' })).toBeFocused();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  await expect.poll(() => order(page)).toEqual([...before, 'country']);
  await saved(page);
  await expect(choice).toHaveValue('');
  await page.reload();
  expect(await order(page)).toEqual([...before, 'country']);
  await page.keyboard.press('Control+z');
  await expect.poll(() => order(page)).toEqual(before);
  await saved(page);
});

test('on a phone the parts of a field stand under one another and can be touched', async ({ browser }) => {
  const page = await (await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })).newPage();
  await signIn(page, 'malin@tidewick.example');
  await page.goto(sheet);
  await ask(page, 'birthday');
  await expect(page.getByLabel('Label of date of birth in English')).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await accessible(page);
  await page.getByRole('button', { name: 'Remove date of birth' }).tap();
  await expect(page.getByLabel('Label of date of birth in English')).toHaveCount(0);
  await page.context().close();
});
