import { expect, test } from '@playwright/test';
import { accessible, signIn, site } from './support.mjs';

test('an editor drafts in two languages, an officer approves from the desk, five points are published in one act; who wrote herself is refused', async ({ browser }) => {
  const editor = await (await browser.newContext()).newPage();
  await signIn(editor, 'malin@tidewick.example');
  await editor.goto('/records/statement/voyage-news');
  await editor.locator('#at-texts-en').fill('Yes, {controller} may email me its new sailings, fares and *concerts on board* {rate}. {withdrawal}');
  await editor.locator('#at-texts-en').blur();
  await expect(editor.locator('#reads-en em')).toHaveText('concerts on board');
  await editor.locator('#at-texts-de').fill('Ja, {controller} darf mir {rate} neue Fahrten, Preise und *Konzerte an Bord* per E-Mail schicken. {withdrawal}');
  await editor.locator('#at-texts-de').blur();
  await expect(editor.locator('#sheet-state')).toContainText('draft after edition 1');
  await editor.getByRole('link', { name: 'Submit for approval…' }).click();
  await expect(editor.getByRole('button', { name: /Approve/ })).toHaveCount(0);
  await editor.getByLabel('Comment').fill('The concerts are what people ask for.');
  await editor.getByRole('button', { name: 'Submit for approval' }).click();
  await expect(editor.locator('#sheet-state')).toContainText('submitted by Malin Fors');
  await accessible(editor);

  // Runa cannot resist a comma, and has written it too then.
  const runa = await (await browser.newContext()).newPage();
  await signIn(runa);
  await runa.goto('/records/statement/voyage-news');
  await runa.locator('#at-texts-en').fill('Yes, {controller} may email me its new sailings, its fares and *concerts on board* {rate}. {withdrawal}');
  await runa.locator('#at-texts-en').blur();
  await expect(runa.locator('#sheet-state')).toContainText('draft after edition 1');
  await runa.getByRole('link', { name: 'Review and approve…' }).click();
  await expect(runa.getByText('You wrote part of this draft')).toBeVisible();
  await runa.getByLabel('Comment').fill('Good.');
  await runa.getByRole('button', { name: 'Approve edition 2' }).click();
  await expect(runa.getByRole('alert')).toContainText('Arne Holmqvist approves it');
  await expect(runa.getByLabel('Comment')).toHaveValue('Good.');
  await runa.getByRole('button', { name: 'Submit for approval' }).click();

  // Arne comes from his desk, sees what changes where, and approves with five points.
  const arne = await (await browser.newContext()).newPage();
  await signIn(arne, 'arne@tidewick.example');
  await arne.locator('article').filter({ hasText: 'Statement voyage news' }).getByRole('link', { name: 'Review' }).click();
  await expect(arne.getByText('5 published points will show something else')).toBeVisible();
  for (const name of ['Contact form', 'Footer newsletter', 'Island walking guide', 'Pop-up on the booking page', 'Season ticket registration']) {
    await expect(arne.getByRole('checkbox', { name })).toBeChecked();
  }
  await accessible(arne);
  await arne.getByRole('button', { name: 'Approve edition 2' }).click();
  await expect(arne.getByText('Edition 2 is approved. 5 points are published with it.')).toBeVisible();
  await expect(arne.getByRole('complementary')).toContainText('0 people agreed to exactly these words');
  for (const point of ['booking-popup', 'contact-form', 'footer-newsletter', 'season-ticket', 'walking-guide']) {
    expect(await (await fetch(`${site}/forms/${point}/en`)).text()).toContain('its fares and <em>concerts on board</em> once a month');
  }
  expect(await (await fetch(`${site}/forms/footer-newsletter/de`)).text()).toContain('<em>Konzerte an Bord</em>');
});

test('a departure asks for its reason, and with it shows on the point, the table, the desk and the history', async ({ page }) => {
  await signIn(page, 'malin@tidewick.example');
  await page.goto('/points/booking-popup');
  await page.locator('#at-departures-lapse-days').click();
  await page.locator('#at-departures-lapse-days-value').fill('14');
  await page.getByRole('button', { name: 'Depart' }).first().click();
  await expect(page.getByRole('alert')).toContainText('needs a reason');
  await expect(page.locator('#at-departures-lapse-days-value')).toHaveValue('14');
  await page.locator('#at-departures-lapse-days-reason').fill('People book weeks ahead and read our mail late.');
  await page.getByRole('button', { name: 'Depart' }).first().click();
  const rule = page.getByRole('row', { name: /^Days to confirm/ });
  await expect(rule).toContainText('People book weeks ahead and read our mail late.');
  await expect(rule).toContainText('The house says: 7 days');
  await accessible(page);
  for (const path of ['/rules', '/desk', '/points/booking-popup/history']) {
    await page.goto(path);
    await expect(page.locator('main')).toContainText('People book weeks ahead and read our mail late.');
  }
  await page.goto('/rules?only=departures');
  await accessible(page);
  await page.getByRole('row', { name: /Pop-up on the booking page/ }).getByLabel('follow the house again').check();
  await page.getByRole('button', { name: 'Let the chosen follow the house again' }).click();
  await expect(page.getByText('One sheet follows the house again')).toBeVisible();
});

test('a file with a damaged placeholder is caught before anything changes; a sound one becomes drafts', async ({ page }) => {
  await signIn(page, 'malin@tidewick.example');
  await page.goto('/wording/library');
  const take = async (text) => {
    const buffer = Buffer.from(`statement,language,text\n${text}\n`);
    await page.getByLabel('A file as it came back').setInputFiles({ name: 'back.csv', mimeType: 'text/csv', buffer });
    await page.getByRole('button', { name: 'Show what it would change' }).click();
  };
  await take('atlantic-crossings,fr,"Oui, {contrôleur} peut m’envoyer {rate} ses traversées. {withdrawal} Plus dans la {notice}."');
  await expect(page.getByRole('alert')).toContainText('{contrôleur} is no placeholder');
  await expect(page.getByText('Nothing was changed')).toBeVisible();
  await accessible(page);
  await page.goto('/records/statement/atlantic-crossings');
  await expect(page.locator('#sheet-state')).toContainText('edition 1 in force');
  await page.goto('/wording/library');
  await take('atlantic-crossings,fr,"Oui, {controller} peut m’écrire {rate} au sujet de ses traversées. {withdrawal} Plus dans la {notice}."');
  await page.getByRole('button', { name: 'Take it as a draft' }).click();
  await expect(page.getByText('One text was taken as a draft.')).toBeVisible();
  await page.goto('/records/statement/atlantic-crossings');
  await expect(page.locator('#sheet-state')).toContainText('draft after edition 1');
});

test('house rules change by keyboard, and the paragraph for the notice is copied', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await signIn(page);
  await page.goto('/records/rules/house');
  await page.locator('#at-lapse-days').focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.locator('#sheet-state')).toContainText('draft after edition 1');
  await expect(page.locator('#at-lapse-days')).toHaveValue('10');
  await page.keyboard.press('Escape');
  await page.locator('#undo').click();
  await expect(page.locator('#at-lapse-days')).toHaveValue('7');
  await page.goto('/wording/notice');
  await page.getByRole('button', { name: 'Copy' }).first().click();
  await expect(page.getByText('Copied.')).toBeVisible();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toContain('once a month');
});
