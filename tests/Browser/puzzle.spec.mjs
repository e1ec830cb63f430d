// What the doubtful are put, in a real browser: solved by itself, or answered by whoever runs no script.
import { expect, test } from '@playwright/test';
import { accessible, waitForMails } from './support.mjs';

const form = '/forms/footer-newsletter/en';
const once = (name) => `${name}.${Date.now() % 1e6}@post.example`;
const send = async (page, email) => {
  await page.getByRole('textbox', { name: /Email/ }).fill(email);
  await page.getByRole('checkbox').check();
  await page.getByRole('button', { name: 'Send me the news' }).click();
};

test('somebody quick is through within two seconds, without doing anything, and nothing is left on the device', async ({ page }) => {
  const email = once('quick');
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(form);
  const began = Date.now();
  await send(page, email);
  await expect(page.getByRole('heading', { name: 'Check your inbox' })).toBeVisible({ timeout: 5000 });
  const took = Date.now() - began;
  console.log(`through after ${took} ms`);
  expect(took).toBeLessThan(2000);
  expect((await page.context().cookies()).map((cookie) => cookie.name)).toEqual(['sent']);
  expect(await page.evaluate(() => localStorage.length + sessionStorage.length)).toBe(0);
  expect(await waitForMails(email, 1)).toHaveLength(1);
});

test('without script there is a question: a wrong word brings another, the right one is enough, by keyboard alone', async ({ browser }) => {
  const page = await (await browser.newContext({ javaScriptEnabled: false, viewport: { width: 390, height: 844 }, locale: 'en-GB' })).newPage();
  await page.goto(form);
  const email = once('no.script');
  await send(page, email);
  const question = page.getByLabel(/Please type the/);
  await expect(page.getByRole('alert')).toContainText('keeps programs out');
  await expect(page.getByRole('textbox', { name: /Email/ })).toHaveValue(email);
  await question.fill('lighthouse');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('That was not the word');
  const [, which, words] = (await page.locator('label[for=puzzle-answer]').textContent()).match(/the (\w+) of these words: (.*)/);
  await question.fill(words.split(', ')[['first', 'second', 'third'].indexOf(which)].toUpperCase());
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Check your inbox' })).toBeVisible();
});

test('the page with the question is clean to axe, and where the browser has no digests the question stays', async ({ browser }) => {
  const page = await (await browser.newContext({ viewport: { width: 390, height: 844 }, locale: 'en-GB' })).newPage();
  await page.addInitScript(() => Object.defineProperty(crypto, 'subtle', { value: undefined }));
  await page.goto(form);
  await send(page, once('old.browser'));
  await expect(page.getByLabel(/Please type the/)).toBeVisible();
  await accessible(page);
});
