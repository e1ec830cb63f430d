// Two versions of a form: written at typing speed, seen in the proof, shown to people by chance, and the evidence shows the one they saw.
import { expect, test } from '@playwright/test';
import { accessible, signIn, waitForMails } from './support.mjs';

const sheet = '/points/atlantic-newsletter';
const saved = (page) => expect(page.locator('#sheet-body')).not.toHaveAttribute('data-saving', 'yes');

test('an editor words the other half, sees both in the proof, and is told at the field where nobody may be led', async ({ page }) => {
  await signIn(page, 'malin@tidewick.example');
  await page.goto(sheet);
  const line = page.getByLabel('Other half, Line under it, English');
  const proof = page.frameLocator('#proof iframe');
  await line.scrollIntoViewIfNeeded();
  // A second try begins where the first has left off.
  await line.fill('');
  await page.keyboard.type('Fares from Port Ansel, as soon as they are known.', { delay: 15 });
  await page.keyboard.press('Tab');
  await saved(page);
  await expect(proof.getByRole('heading', { level: 1 })).toHaveText('Crossings, once a month');
  await page.getByRole('link', { name: 'Second version' }).click();
  await expect(page).toHaveURL(/[?&]second=1/);
  await expect(proof.getByRole('heading', { level: 1 })).toHaveText('Where we sail from Port Ansel');
  await expect(proof.getByText('as soon as they are known')).toBeVisible();
  // What is typed shows there before it is saved, and what it had is put back by undo.
  await line.fill('Fares, before anybody else.');
  await expect(proof.getByText('before anybody else')).toBeVisible();
  await page.keyboard.press('Tab');
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(line).toHaveValue('Fares from Port Ansel, as soon as they are known.');
  await accessible(page);

  await page.locator('#after').click();
  const to = page.getByLabel('Where the next step leads, Français');
  await to.click();
  await page.keyboard.type('https://elsewhere.example/suite', { delay: 15 });
  const fault = page.locator('#fault-at-after-next-to-fr');
  await expect(fault).toContainText('where the house lets no form lead them');
  await expect(to).toHaveAttribute('aria-describedby', 'fault-at-after-next-to-fr');
  await page.keyboard.press('Tab');
  await saved(page);
  await page.reload();
  await expect(to).toHaveValue('https://elsewhere.example/suite');
  await expect(fault).toContainText('elsewhere.example/suite');
  await accessible(page);
  // Emptied, nothing is wrong any more; and as it was before all this.
  await to.fill('');
  await expect(fault).toHaveText('');
  await page.keyboard.press('Tab');
  await line.fill('');
  await page.keyboard.press('Tab');
  await saved(page);
  await page.reload();
  await expect(line).toHaveValue('');
});

test('chance shows one of the two, without a cookie; what was shown is what the evidence shows', async ({ page, browser }) => {
  const visitor = await (await browser.newContext({ locale: 'en-GB', viewport: { width: 390, height: 844 } })).newPage();
  const heading = visitor.getByRole('heading', { level: 1 });
  const seen = new Set();
  for (let i = 0; i < 60 && seen.size < 2; i += 1) {
    await visitor.goto('/forms/atlantic-newsletter/en');
    seen.add(await heading.textContent());
  }
  expect([...seen].sort()).toEqual(['Crossings, once a month', 'Where we sail from Port Ansel']);
  expect(await visitor.context().cookies()).toEqual([]);
  const shown = await heading.textContent();
  await accessible(visitor);
  const email = `version.${Date.now() % 1e6}@post.example`;
  await visitor.waitForTimeout(2500);
  // A mistake first: the page that comes back is in the same words.
  await visitor.getByRole('textbox', { name: 'Email' }).fill('nobody');
  await visitor.locator('#yes-atlantic-crossings').check();
  await visitor.locator('main form button').first().click();
  await expect(visitor.getByRole('textbox', { name: 'Email' })).toHaveValue('nobody');
  await expect(heading).toHaveText(shown);
  await visitor.getByRole('textbox', { name: 'Email' }).fill(email);
  await visitor.locator('main form button').first().click();
  await expect(heading).toHaveText('Check your inbox');
  const [mail] = await waitForMails(email, 1);
  expect(mail.html).toContain('<img src=');
  expect(mail.html).not.toContain('src="http');
  // The house bears its sign there, as a reader shows it, and nothing is loaded from anywhere.
  await visitor.goto(`http://127.0.0.1:${process.env.MAILBOX_PORT}/html/${mail.name}`);
  await expect.poll(() => visitor.locator('img').evaluate((image) => image.complete && image.naturalWidth > 0)).toBe(true);

  await signIn(page);
  await page.keyboard.press('/');
  await page.getByLabel('Whose consent').fill(email);
  await page.getByRole('button', { name: 'Look up' }).click();
  await expect(page.frameLocator('iframe').getByRole('heading', { level: 1 })).toHaveText(shown);
  await page.goto(`${sheet}/flow`);
  await expect(page.getByRole('heading', { name: 'Two versions of the form' })).toBeVisible();
  await accessible(page);
});
