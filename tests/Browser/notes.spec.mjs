import { expect, test } from '@playwright/test';
import { accessible, signIn } from './support.mjs';

const statement = '/records/statement/island-walks';
const NASTY = 'To book a cabin you must agree to news by email from us and selected partners. You can withdraw by registered letter. Only 3 places left!';
const STRANGE = 'Yes, Gullwing Travel Ltd may email me new walking routes {rate}. {withdrawal}';

/** Writes the English words, and waits until they are saved. */
async function write(page, words) {
  await page.locator('#at-texts-en').fill(words);
  await Promise.all([page.waitForResponse((response) => response.url().endsWith('/change') && response.ok()), page.locator('#at-texts-en').blur()]);
}

test('while an editor types, notes, underlines and numbers follow; a mend by keyboard makes the sentence that it showed', async ({ page }) => {
  await signIn(page, 'malin@tidewick.example');
  await page.goto(statement);
  const field = page.locator('#at-texts-en');
  const before = await field.inputValue();
  const state = await page.locator('#sheet-state').innerText();
  await field.click();
  await page.keyboard.press('Control+A');
  await page.keyboard.type(NASTY, { delay: 15 });
  // The gravest three stand there at once, the rest are opened; each is numbered under the field, and nothing is saved yet.
  const notes = page.locator('#judged > .note');
  await expect(notes).toHaveCount(3);
  const ending = notes.filter({ hasText: 'Ending it takes more than agreeing did' });
  await expect(ending).toHaveCount(1);
  await expect(notes.filter({ hasText: 'Without agreeing to be written to one does not get what one came for' })).toHaveCount(1);
  const numbered = page.locator('#marks-at-texts-en a');
  // What another language says otherwise is numbered there.
  const inEnglish = page.locator('#judged .note').filter({ hasNotText: /What comes may differ|Only the text in English/ });
  // Notes and numbers come with the same answer; both are counted until they are of one.
  await expect(async () => expect(await numbered.count()).toBe(await inEnglish.count())).toPass({ timeout: 12_000 });
  expect(await numbered.count()).toBeGreaterThan(3);
  await expect(page.locator('#under-texts-en .breach').first()).toBeAttached();
  expect(await page.locator('#sheet-state').innerText()).toBe(state);

  // What a mend makes is shown before: a whole sentence struck out, a whole one in its place.
  await expect(ending.locator('del')).toHaveText('You can withdraw by registered letter.');
  await expect(ending.locator('ins')).toHaveText('I can withdraw this at any time with the link in every email.');
  const mend = await ending.locator('.mend').getAttribute('id');
  for (let i = 0; i < 30 && (await page.evaluate(() => document.activeElement.id)) !== mend; i += 1) await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(field).toHaveValue(NASTY.replace('You can withdraw by registered letter.', '{withdrawal}'));
  await expect(field).toBeFocused();
  await expect(page.locator('#reads-en')).toContainText('I can withdraw this at any time with the link in every email.');
  await page.locator('h1').click();
  await page.keyboard.press('Control+z');
  await expect(field).toHaveValue(NASTY);

  // What is opened comes into sight, stays open while somebody types on, and is used there.
  await page.setViewportSize({ width: 1280, height: 620 });
  await page.locator('#more-notes-says').focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('#more-notes .note').first()).toBeInViewport({ ratio: 0.5 });
  await field.click();
  await page.keyboard.press('Control+End');
  await page.keyboard.type(' Hurry!');
  await expect(page.locator('#more-notes')).toHaveAttribute('open', '');
  await accessible(page);
  await page.reload();
  // It is being saved while the page is opened anew, and comes by itself where it is not on it yet.
  await expect(field).toHaveValue(`${NASTY} Hurry!`, { timeout: 10_000 });
  await write(page, before);
});

test('a question is answered once, however fast it is pressed, until the sentence changes; what is read wrongly stands where it is looked after', async ({ browser }) => {
  const page = await (await browser.newContext()).newPage();
  await signIn(page, 'malin@tidewick.example');
  await page.goto(statement);
  const before = await page.locator('#at-texts-en').inputValue();
  await write(page, STRANGE);
  const asked = page.locator('.note').filter({ hasText: 'Gullwing Travel Ltd' });
  await expect(asked).toContainText('Open');

  // Two presses are one answer, and it is there after a reload; on another window, opened before, it is answered no second time.
  const other = await (await browser.newContext()).newPage();
  await signIn(other);
  // It hears of no change by itself, as a window that sleeps.
  await other.route('**/since/**', (route) => route.abort());
  await other.goto(statement);
  await asked.getByRole('button', { name: 'It is in order' }).dblclick();
  await expect(asked).toContainText('In order, said Malin Fors');
  await other.locator('.note').filter({ hasText: 'Gullwing Travel Ltd' }).getByRole('button', { name: 'It is in order' }).click();
  await expect(other.locator('.note').filter({ hasText: 'Gullwing Travel Ltd' })).toContainText('In order, said Malin Fors');
  await page.reload();
  await expect(asked).toContainText('In order, said Malin Fors');
  await expect(page.locator('#under-texts-en .open')).toHaveCount(0);
  await expect(page.locator('#marks-at-texts-en a.open')).toHaveCount(0);

  // It is asked again when the sentence changes, and whoever looked at the old one is told so.
  await write(page, STRANGE.replace('Gullwing', 'Tern Island'));
  const doubted = page.locator('.note').filter({ hasText: 'Tern Island Travel Ltd' });
  await expect(doubted.getByRole('button', { name: 'It is in order' })).toBeVisible();
  await other.getByRole('button', { name: 'Ask again' }).click();
  await expect(other.getByRole('alert')).toContainText('Read the note that stands there now');

  // By keyboard: read wrongly, which takes nothing away, and stands with the requirement and in the file.
  await doubted.getByRole('button', { name: 'Read wrongly' }).focus();
  await page.keyboard.press('Enter');
  await expect(doubted).toContainText('Read wrongly, said Malin Fors');
  await expect(doubted.getByRole('button', { name: 'Rightly after all' })).toBeFocused();
  await accessible(page);
  await doubted.getByRole('link', { name: /GDPR Art. 13/ }).click();
  await expect(page.getByText('Yes, Tern Island Travel Ltd may email me new walking routes {rate}.')).toBeVisible();
  await accessible(page);
  const file = await page.request.get('/requirements/read-wrongly.txt');
  expect(await file.text()).toContain('- Yes, Tern Island Travel Ltd may email me new walking routes {rate}.');

  await page.goto(statement);
  await doubted.getByRole('button', { name: 'Rightly after all' }).click();
  await expect(doubted.getByRole('button', { name: 'Read wrongly' })).toBeVisible();
  expect(await (await page.request.get('/requirements/read-wrongly.txt')).text()).not.toContain('Tern Island');
  await write(page, before);
  await other.context().close();
});

test('a requirement shows what it hears in each language, by keyboard, and what only looks like it', async ({ page }) => {
  await signIn(page, 'malin@tidewick.example');
  await page.goto('/requirements/not-a-condition');
  await expect(page.getByText('To get an answer you need to sign up for our news.')).toBeVisible();
  await expect(page.getByText('You need not agree to our emails to enter the draw.')).toBeVisible();
  for (const language of ['Deutsch', 'Français', 'Svenska', 'Dansk']) {
    const summary = page.locator('summary').filter({ hasText: language }).first();
    await summary.focus();
    await page.keyboard.press('Enter');
    expect(await summary.locator('xpath=..').locator('li:visible').count(), language).toBeGreaterThanOrEqual(8);
  }
  await accessible(page);
});
