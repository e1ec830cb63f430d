// What the doubtful are put, in a real browser: solved by itself, or answered by whoever runs no script.
import { expect, test } from '@playwright/test';
import { accessible, long, mails, signIn, sql, waitForMails } from './support.mjs';

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
  await expect(page.getByRole('heading', { name: 'Check your inbox' })).toBeVisible({ timeout: 10_000 });
  const took = Date.now() - began;
  console.log(`through after ${took} ms`);
  // Other tests run beside it; alone on the machine it is held to what a person bears.
  expect(took).toBeLessThan(long ? 2000 : 6000);
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

test('a headless browser without patience gets nobody onto a list, however often', async ({ browser }) => {
  // It sends as soon as the form is there and is gone once that is answered. Where this machine itself took longer than haste lasts,
  // the visit proves nothing and is made again.
  const hasty = [];
  for (let visits = 0; hasty.length < 6 && visits < 30; visits += 1) {
    const page = await browser.newPage();
    const email = once(`hasty${visits}`);
    let posts = 0;
    await page.route('**/forms/**', (route) => (route.request().method() === 'POST' && (posts += 1) > 1 ? route.abort() : route.continue()));
    await page.addInitScript((address) => document.addEventListener('DOMContentLoaded', () => {
      document.querySelector('#email').value = address;
      document.querySelector('#yes-voyage-news').checked = true;
      document.querySelector('form').requestSubmit();
    }), email);
    const began = Date.now();
    await Promise.all([page.waitForResponse((answer) => answer.request().method() === 'POST'), page.goto(form)]);
    if (Date.now() - began < 900) hasty.push(email);
    await page.close();
  }
  expect(hasty).toHaveLength(6);
  expect(sql("SELECT COUNT(*) FROM assessed_submissions WHERE assessed_at > UTC_TIMESTAMP() - INTERVAL 20 SECOND AND signals LIKE '%too-fast%'")).toBe('0');
  for (const email of hasty) expect(await mails(email)).toEqual([]);
});

test('an editor goes through a draft from its private link: the puzzle is seen, and why', async ({ page, browser }) => {
  await signIn(page, 'malin@tidewick.example');
  await page.goto('/points/young-sailors');
  await expect(page.locator('#proof a[href*="/trials/"]')).toHaveCount(3);
  await page.goto('/points/footer-newsletter');
  const [, doubtful, program] = await page.locator('#proof a[href*="/trials/"]').evaluateAll((links) => links.map((link) => link.href));
  const stranger = await browser.newPage({ viewport: { width: 390, height: 844 } });
  for (const [link, says] of [[doubtful, 'It would have gone on.'], [program, 'It would have been held until an officer decides.']]) {
    await stranger.goto(link);
    await stranger.locator('#email').fill('trial@post.example');
    await stranger.locator('#yes-voyage-news').check();
    await stranger.waitForTimeout(2100);
    await stranger.locator('form button').click();
    await expect(stranger.getByRole('heading', { name: says })).toBeVisible({ timeout: 10_000 });
    await accessible(stranger);
  }
  await expect(stranger.getByRole('rowheader', { name: 'The field that people do not see was filled in' })).toBeVisible();
  expect(await mails('trial@post.example')).toEqual([]);
});
