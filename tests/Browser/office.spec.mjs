import { expect, test } from '@playwright/test';
import { accessible, long, signIn, sql } from './support.mjs';

/** Tabs until an element with the id has the focus; fails where the keyboard never gets there. */
async function tabTo(page, id, key = 'Tab') {
  for (let i = 0; i < 120; i++) {
    await page.keyboard.press(key);
    if (await page.evaluate(() => document.activeElement?.id) === id) return;
  }
  throw new Error(`The keyboard does not get to #${id}.`);
}

/** Presses every mend that the notes offer, by keyboard. */
async function mendAll(page) {
  const mends = page.locator('#margin button.mend');
  for (let left = await mends.count(); left > 0; left = await mends.count()) {
    await mends.first().focus();
    await page.keyboard.press('Enter');
    await expect(mends).not.toHaveCount(left);
  }
}

test('by keyboard alone: change wording, mend a note, approve, publish, look a person up, move the question\'s date', async ({ page, browser }) => {
  // The editor mends the words of the cabin draw, which she began in a hurry.
  const editor = await (await browser.newContext()).newPage();
  await signIn(editor, 'malin@tidewick.example');
  await editor.keyboard.press('g');
  await editor.keyboard.press('w');
  await expect(editor.getByRole('heading', { name: 'Wording' })).toBeVisible();
  await accessible(editor);
  await editor.getByRole('link', { name: 'draw news' }).focus();
  await editor.keyboard.press('Enter');
  const notes = editor.locator('#margin');
  await expect(notes).toContainText('One control takes consent together with terms');
  await accessible(editor);

  // The wording, with the notes and the words as read following the typing.
  await tabTo(editor, 'at-texts-en');
  await editor.keyboard.press('ControlOrMeta+a');
  await editor.keyboard.type('Yes, {controller} may email me new sailings and fares {rate}.', { delay: 2 });
  await expect(notes).not.toContainText('takes consent together', { timeout: 2000 });
  await expect(notes).not.toContainText('says little');
  await expect(editor.locator('#reads-en')).toContainText('Yes, Tidewick Ferries may email me new sailings and fares once a month.');
  await editor.keyboard.press('Tab');
  await expect(editor.locator('#sheet-state')).toContainText('saved');

  // Undo by key, and redo.
  await editor.keyboard.press('ControlOrMeta+z');
  await expect(editor.locator('#at-texts-en')).toHaveValue(/accept the terms/);
  await editor.keyboard.press('ControlOrMeta+Shift+z');
  await expect(editor.locator('#at-texts-en')).toHaveValue(/\{rate\}/);
  await mendAll(editor);
  await tabTo(editor, 'review');
  await editor.keyboard.press('Enter');
  await expect(editor.getByText('No breach in the words')).toBeVisible();
  await tabTo(editor, 'do-submit');
  await editor.keyboard.press('Enter');
  await expect(editor.getByText('Submitted.')).toBeVisible();
  await editor.context().close();

  // The officer approves from the desk.
  await signIn(page);
  await accessible(page);
  await page.locator('article').filter({ hasText: 'draw news' }).getByRole('link', { name: 'Review' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Approve draw news' })).toBeVisible();
  await accessible(page);
  await tabTo(page, 'do-approve');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Edition 1 is approved.')).toBeVisible();

  // To the sheet: every note that offers a mend is mended by its button; mended ones go without a reload.
  await page.keyboard.press('g');
  await page.keyboard.press('p');
  await expect(page.getByRole('heading', { name: 'Signup points' })).toBeVisible();
  await accessible(page);
  await page.getByRole('link', { name: 'Cabin prize draw, on-board kiosk' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.frameLocator('#proof iframe').locator('label[for=yes-draw-news]')).toContainText('once a month');
  await page.evaluate(() => { window.samePage = true; });
  await mendAll(page);
  await expect(page.locator('#margin')).toContainText('No finding');
  expect(await page.evaluate(() => window.samePage)).toBe(true);

  // Published, after a review.
  await tabTo(page, 'publish');
  await page.keyboard.press('Enter');
  await expect(page.getByText('No breach stops this edition')).toBeVisible();
  await expect(page.getByText('Whoever ticks gets a confirmation mail')).toBeVisible();
  await accessible(page);
  await tabTo(page, 'do-publish');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Edition 1 is published')).toBeVisible();
  const form = await page.request.get('/forms/cabin-draw/en');
  expect(await form.text()).toContain('once a month. I can withdraw this at any time');

  // A person, and the question moved to last winter.
  await page.keyboard.press('/');
  await expect(page.getByLabel('Whose consent')).toBeFocused();
  await page.keyboard.type('imke.thormann@post.example');
  await page.keyboard.press('Enter');
  await expect(page.locator('#answer')).toContainText('Yes.');
  await accessible(page);
  await tabTo(page, 'cursor-wide');
  const before = await page.getByLabel('on', { exact: true }).inputValue();
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByLabel('on', { exact: true })).not.toHaveValue(before);
  await page.keyboard.press('Home');
  await expect(page.locator('#answer')).toContainText('No.');
  await expect(page.locator('#answer')).toContainText('no consent was on record');
  await expect(page.locator('#cursor-wide')).toBeFocused();
});

test('an officer\'s day by keyboard alone: an uncertain mail, held submissions, rules submitted, a withdrawal by letter, the list of sign-ups, and home', async ({ page }) => {
  /** Reaches what is called so with Tab alone, as somebody without a mouse would, and presses it. */
  const press = async (role, name, nth = 0) => {
    const target = (role === 'summary' ? page.locator('summary').filter({ hasText: name }) : page.getByRole(role, { name })).nth(nth);
    await expect(target).toBeVisible();
    for (let i = 0; i < 150; i += 1) {
      if (await target.evaluate((e) => e === document.activeElement)) { await page.keyboard.press('Enter'); return; }
      await page.keyboard.press('Tab');
    }
    throw new Error(`The keyboard does not get to ${name}.`);
  };
  await page.goto('/login');
  await page.keyboard.type('runa@tidewick.example');
  await page.keyboard.press('Tab');
  await page.keyboard.type('harbour-lamp-42');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/desk$/);

  // An uncertain mail is sent once more.
  const uncertain = Number(sql("SELECT COUNT(*) FROM deliveries WHERE state = 'uncertain'"));
  expect(uncertain).toBeGreaterThan(0);
  await press('link', 'Decide');
  await expect(page.getByRole('heading', { name: 'Mails' })).toBeVisible();
  await press('button', /Send again/);
  await expect(page.getByText('It is sent once more.')).toBeVisible();
  expect(Number(sql("SELECT COUNT(*) FROM deliveries WHERE state = 'uncertain'"))).toBe(uncertain - 1);

  // What was held is looked at, and refused by a key.
  await page.keyboard.press('g');
  await page.keyboard.press('s');
  await expect(page.getByRole('heading', { level: 1 }).filter({ hasText: /held|Held/ })).toBeVisible();
  const held = Number(sql('SELECT COUNT(*) FROM held_submissions'));
  for (let i = 0; i < 40 && (await page.evaluate(() => document.activeElement.dataset.held ?? '')) === ''; i += 1) await page.keyboard.press('Tab');
  await page.keyboard.press('r');
  await expect.poll(() => Number(sql('SELECT COUNT(*) FROM held_submissions')), { timeout: 30_000 }).toBeLessThan(held);

  // The house rules, handed to the other officer for a day to come.
  await page.keyboard.press('g');
  await page.keyboard.press('w');
  await expect(page).toHaveURL(/\/wording$/);
  await press('link', 'House rules');
  await expect(page.getByRole('heading', { name: 'House rules' })).toBeVisible();
  await tabTo(page, 'at-reminder-days');
  await page.keyboard.press('ArrowDown');
  await expect(page.locator('#sheet-state')).toContainText('draft after edition 1');
  await press('link', /Review and approve/);
  await press('button', 'Submit for approval');
  await expect(page.getByText('Submitted.')).toBeVisible();
  await page.keyboard.press('ControlOrMeta+z');
  await expect(page.locator('#sheet-state')).toContainText('edition 1 in force');

  // A letter came. Nothing is asked twice, and nothing is told.
  await page.keyboard.press('g');
  await page.keyboard.press('d');
  await expect(page).toHaveURL(/\/desk$/);
  await press('link', 'Record a withdrawal');
  await expect(page.getByRole('heading', { name: 'A withdrawal that came to us' })).toBeVisible();
  await tabTo(page, 'email');
  await page.keyboard.type('nobody.at.all@post.example');
  await tabTo(page, 'how');
  await page.keyboard.press('ArrowDown');
  await press('button', 'Record it');
  await expect(page.locator('.said')).toContainText('Recorded.');

  // Who withdrew, by filters that stay in the address.
  await page.keyboard.press('g');
  await page.keyboard.press('e');
  await expect(page).toHaveURL(/\/evidence$/);
  await press('link', 'All sign-ups');
  await expect(page.getByRole('heading', { name: 'Sign-ups' })).toBeVisible();
  await tabTo(page, 'state');
  for (let i = 0; i < 4; i += 1) await page.keyboard.press('ArrowDown');
  await press('button', 'Show');
  await expect(page).toHaveURL(/state=withdrawn/);
  await expect(page.locator('#state')).toHaveValue('withdrawn');
  await expect(page.getByText(/^\d+ withdrawn$/)).toBeVisible();
  await press('button', 'Sign out');
  await expect(page).toHaveURL(/\/login$/);
});

test('the cursor follows the mouse', async ({ page }) => {
  await signIn(page);
  await page.goto('/evidence');
  await page.getByLabel('Whose consent').fill('imke.thormann@post.example');
  await page.getByRole('button', { name: 'Look up' }).click();
  const box = await page.locator('[data-lifeline]:visible').boundingBox();
  await page.mouse.click(box.x + box.width * 0.5, box.y + 30);
  await expect(page.locator('#answer')).toContainText('Yes.');
  await page.mouse.move(box.x + box.width * 0.5, box.y + 30);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width * 0.2, box.y + 30, { steps: 5 });
  await page.mouse.up();
  await expect(page.locator('#answer')).toContainText('No.');
});

test('a session that ended while typing loses nothing that was typed', async ({ page, context }) => {
  await signIn(page, 'malin@tidewick.example');
  await page.goto('/points/footer-newsletter');
  const field = page.locator('#at-title-en');
  await context.clearCookies();
  await field.fill('News from the deck');
  await field.blur();
  await expect(page.locator('#said-at-title-en')).toContainText('Your session ended while you typed');
  await expect(field).toHaveValue('News from the deck');
  const other = await context.newPage();
  await signIn(other, 'malin@tidewick.example');
  await other.close();
  await field.fill('News from the upper deck');
  await field.blur();
  await expect(page.locator('#sheet-state')).toContainText('draft after edition 1');
  await page.goto('/points/footer-newsletter');
  await expect(page.locator('#at-title-en')).toHaveValue('News from the upper deck');
});

test('a second editor sees at once what the first changed', async ({ browser }) => {
  const [one, two] = await Promise.all([0, 1].map(async () => (await browser.newContext()).newPage()));
  await signIn(one, 'runa@tidewick.example');
  await signIn(two, 'malin@tidewick.example');
  for (const page of [one, two]) await page.goto('/points/walking-guide');
  await one.locator('#at-button-en').fill('Post me the routes');
  await one.locator('#at-button-en').blur();
  await expect(two.locator('#at-button-en')).toHaveValue('Post me the routes', { timeout: 10_000 });
  await expect(two.getByText('Runa Ekdahl changed the button\'s text in English.')).toBeVisible();
  // Both in one sentence: the second is shown both.
  await two.locator('#at-title-en').fill('Walks by Malin');
  await one.locator('#at-title-en').fill('Walks by Runa');
  await one.locator('#at-title-en').blur();
  await expect(one.locator('#sheet-state')).toContainText('draft');
  await one.waitForTimeout(500);
  await two.locator('#at-title-en').blur();
  await expect(two.getByRole('alert')).toContainText('changed the same');
  await expect(two.getByRole('alert')).toContainText('Walks by Runa');
  await two.getByRole('button', { name: 'Use mine' }).click();
  await expect(one.locator('#at-title-en')).toHaveValue('Walks by Malin', { timeout: 10_000 });
});

/** Main screens, of each kind one; others, which are built of the same parts, are left to a long run. */
const mainScreens = [
  '/desk', '/points', '/points/footer-newsletter', '/points/footer-newsletter/publish', '/enquiries', '/held', '/mails?state=sent',
  '/evidence/signups', '/requirements/purpose-said', '/rules', '/wording', '/records/statement/voyage-news', '/records/statement/voyage-news/review',
  '/records/rules/house', '/audit', '/nowhere',
];
const otherScreens = [
  '/points?as=picture', '/points/footer-newsletter/history', '/points/footer-newsletter/pause', '/requests', '/screening/lines', '/work', '/evidence',
  '/withdrawals', '/account', '/account/codes', '/acts', '/wording/mails', '/records/mail/tidewick-atlantic-reminder', '/wording/starters',
  '/wording/registers', '/wording/notice', '/wording/library', '/records/statement/voyage-news/history', '/records/controller/tidewick-ferries',
  '/records/purpose/voyage-news', '/records/processor/gullwing-surveys',
];

test('every main screen is clean to axe, in the dark too, and refuses what a role may not see', async ({ browser }) => {
  const officer = await (await browser.newContext()).newPage();
  await officer.goto('/login');
  await accessible(officer, { colours: true });
  await signIn(officer);
  for (const [i, path] of [...mainScreens, ...(long ? otherScreens : [])].entries()) {
    await officer.emulateMedia({ colorScheme: 'light' });
    expect((await officer.goto(path)).status(), path).toBe(path === '/nowhere' ? 404 : 200);
    await accessible(officer, { colours: true });
    // In the dark the same page has other colours and nothing else; a short run looks at some of them.
    if (!long && i % 4 > 0) continue;
    await officer.emulateMedia({ colorScheme: 'dark' });
    await accessible(officer, { only: ['color-contrast'] });
  }
  await officer.context().close();
  const page = await (await browser.newContext()).newPage();
  await signIn(page, 'sven@tidewick.example');
  await page.goto('/accounts');
  await accessible(page);
  await page.goto('/evidence');
  await expect(page.getByRole('heading', { name: 'This is not open to you' })).toBeVisible();
  await accessible(page);
});

test('work that failed is done again, by keyboard; pressed twice it is done once', async ({ page }) => {
  const uuid = '6f0c1a52-0000-4000-8000-000000000001';
  const payload = JSON.stringify({
    uuid, displayName: 'App\\Jobs\\ForgetMails', job: 'Illuminate\\Queue\\CallQueuedHandler@call', maxTries: 1,
    data: { commandName: 'App\\Jobs\\ForgetMails', command: 'O:20:"App\\Jobs\\ForgetMails":1:{s:10:"deliveries";a:0:{}}' },
  }).replaceAll('\\', '\\\\');
  sql(`INSERT INTO failed_jobs (uuid, connection, queue, payload, exception) VALUES ('${uuid}', 'database', 'default', '${payload}', 'away')`);
  await signIn(page);
  await expect(page.locator('main')).toContainText('failed, however often it was tried');
  await page.goto('/work');
  await expect(page.getByRole('table')).toContainText('Telling the mailbox to forget');
  await accessible(page);
  const second = await page.context().newPage();
  await second.goto('/work');
  await page.getByRole('button', { name: 'Do it again' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('It is done again.')).toBeVisible();
  await second.getByRole('button', { name: 'Do it again' }).click();
  await expect(second.getByText('Somebody was quicker')).toBeVisible();
  await expect.poll(() => sql('SELECT COUNT(*) FROM jobs')).toBe('0');
  expect(sql('SELECT COUNT(*) FROM failed_jobs')).toBe('0');
  await page.goto('/desk');
  await expect(page.locator('main')).not.toContainText('failed, however often it was tried');
});
