import { expect, test } from '@playwright/test';
import { accessible, mails, signIn, signUp, linkIn, waitForMails, sql } from './support.mjs';

/** Nothing is wider than the screen. */
const fits = async (page) => {
  await page.waitForLoadState();
  await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth).catch(() => 0), { message: page.url() }).toBeLessThanOrEqual(390);
};

test('an editor\'s day by touch, on a phone: a sheet, words, a withdrawal by phone', async ({ browser }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  const page = await context.newPage();
  await signIn(page, 'malin@tidewick.example');
  await fits(page);
  await accessible(page);
  await page.getByRole('link', { name: 'Signup points' }).tap();
  await fits(page);
  await page.getByRole('link', { name: 'Atlantic newsletter' }).tap();
  await expect(page.getByRole('heading', { name: 'Atlantic newsletter' })).toBeVisible();
  await fits(page);
  await accessible(page);

  // The notes are a drawer: a tap opens it, a note's own link leads to the place and closes it.
  const notes = page.locator('#notes-drawer');
  await expect(notes).toBeInViewport();
  await expect(page.locator('#margin section, #margin p').first()).toBeHidden();
  await notes.tap();
  await expect(notes).toHaveAttribute('aria-expanded', 'true');
  await expect(page.locator('#margin p').first()).toBeVisible();
  await accessible(page);
  await notes.tap();
  await expect(page.locator('#margin p').first()).toBeHidden();

  // A title, typed and left by a tap elsewhere; a country ticked, and the panel stays open for the next.
  const title = page.locator('#at-title-en');
  await title.tap();
  await title.fill('Crossings by mail');
  await page.locator('#at-countries').tap();
  await page.locator('#at-countries-NO').tap();
  await expect(page.locator('#at-countries-NO')).toBeChecked();
  await page.locator('#at-countries-IS').tap();
  await expect(page.locator('#at-countries')).toContainText('Iceland');
  await expect(page.locator('#at-countries')).toContainText('Norway');
  await expect(page.locator('#at-title-en')).toHaveValue('Crossings by mail');
  await expect(page.locator('#sheet-state')).toContainText('draft after edition 1');
  await expect(page.locator('#sheet-state')).toBeInViewport();

  // A departure without a reason is refused where it was typed, and taken with one; then undone.
  await page.locator('#at-departures-lapse-days').tap();
  await page.locator('#at-departures-lapse-days-value').fill('12');
  const depart = page.locator('form[data-place="departures/lapse-days"] button');
  await depart.tap();
  await expect(page.locator('#said-at-departures-lapse-days-value')).toContainText('needs a reason');
  await expect(page.locator('#said-at-departures-lapse-days-value')).toBeInViewport();
  await page.locator('#at-departures-lapse-days-reason').fill('Post from overseas takes its time to be read.');
  await depart.tap();
  await expect(page.getByText('Departure.')).toBeVisible();
  await fits(page);
  await page.locator('#undo').tap();
  await expect(page.getByText('Departure.')).toHaveCount(0);
  await page.reload();
  await expect(page.locator('#at-title-en')).toHaveValue('Crossings by mail');
  await expect(page.locator('#at-countries')).toContainText('Iceland');

  // Words, handed over for approval.
  await page.getByRole('link', { name: 'Wording', exact: true }).tap();
  await fits(page);
  await page.getByRole('link', { name: 'island walks' }).tap();
  await page.locator('#at-texts-en').fill('Yes, {controller} may email me new walking routes, harbour days and dates of guided walks {rate}. {withdrawal}');
  await page.locator('#at-texts-de').tap();
  await expect(page.locator('#sheet-state')).toContainText('draft after edition 1');
  await fits(page);
  await page.getByRole('link', { name: 'Submit for approval…' }).tap();
  await fits(page);
  await page.getByLabel('Comment').fill('Harbour days begin in May.');
  await page.getByRole('button', { name: 'Submit for approval' }).tap();
  await expect(page.getByText('Submitted.')).toBeVisible();

  // Somebody rings.
  const email = 'phone.caller@post.example';
  // Whoever came in another test a moment ago counts, too.
  const permitted = () => Number(sql('SELECT COUNT(*) FROM permissions WHERE allowed'));
  const before = permitted();
  const visitor = await (await browser.newContext()).newPage();
  await signUp(visitor, { email, language: 'en' });
  await waitForMails(email, 1);
  await visitor.goto(linkIn((await mails(email))[0], 'confirm'));
  await visitor.getByRole('button', { name: 'Yes, sign me up' }).click();
  await expect(visitor.getByRole('heading', { name: 'You are signed up' })).toBeVisible();
  expect(permitted()).toBe(before + 1);
  await page.goto('/desk');
  await page.getByRole('link', { name: 'Record a withdrawal' }).tap();
  await fits(page);
  await accessible(page);
  await page.getByLabel('Whoever is reached at').fill('phone.caller@');
  await page.getByRole('button', { name: 'Record it' }).tap();
  await expect(page.getByRole('alert')).toContainText('The part behind the @');
  await expect(page.getByLabel('Whoever is reached at')).toHaveValue('phone.caller@');
  await page.getByLabel('Whoever is reached at').fill(email);
  await page.getByRole('button', { name: 'Record it' }).tap();
  await expect(page.locator('.said')).toContainText('Recorded.');
  expect(permitted()).toBe(before);
  await context.close();
});
