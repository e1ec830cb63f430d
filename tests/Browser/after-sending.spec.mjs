import { expect, test } from '@playwright/test';
import { accessible, linkIn, mailServer, mails, messages, signUp, sql, waitForMails } from './support.mjs';

// A test that is tried once more is somebody else.
const once = (name, domain = 'post.example') => `${name}.${Date.now() % 1e6}@${domain}`;
const stateOf = () => sql('SELECT state FROM journeys ORDER BY asked_at DESC LIMIT 1');

test('a mistyped address is seen, mended and confirmed; the first one leads nowhere any more', async ({ page }) => {
  const [wrong, right] = [once('Jorun.Vik', 'post.exmaple'), once('Jorun.Vik')];
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/forms/footer-newsletter/de');
  await signUp(page, { email: wrong, name: 'Jorun' });
  await expect(page.getByText(wrong)).toBeVisible();
  await accessible(page);
  const [first] = await waitForMails(wrong, 1);
  await page.getByLabel('Stimmt die Adresse nicht?').fill(right.replace('.example', ''));
  await page.getByRole('button', { name: 'Dorthin schicken' }).click();
  await expect(page.getByText('Der Teil hinter dem @ ist nicht vollständig')).toBeVisible();
  await expect(page.getByLabel('Stimmt die Adresse nicht?')).toHaveValue(right.replace('.example', ''));
  await expect(page.getByLabel('Stimmt die Adresse nicht?')).toBeFocused();
  await accessible(page);
  await page.keyboard.press('End');
  await page.keyboard.type('.example');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status')).toContainText('Die E-Mail geht an die Adresse unten');
  await page.reload();
  await expect(page.getByText(right)).toBeVisible();
  const [mail] = await waitForMails(right, 1);
  await page.goto(linkIn(first, 'confirm'));
  await expect(page.getByRole('heading', { name: 'Diese Anmeldung ist beendet' })).toBeVisible();
  await page.goto(linkIn(mail, 'confirm'));
  await page.getByRole('button', { name: 'Ja, melden Sie mich an' }).click();
  await expect(page.getByRole('heading', { name: 'Sie sind angemeldet' })).toBeVisible();
  await accessible(page);
});

test('the mail comes once more when asked, pressed twice fast too; whoever has the inbox says that it was not them', async ({ page }) => {
  const email = once('ole.brandt');
  await page.goto('/forms/footer-newsletter/de');
  await signUp(page, { email, name: 'Somebody' });
  const [mail] = await waitForMails(email, 1);
  sql("UPDATE journeys SET mailed_at = DATE_SUB(mailed_at, INTERVAL 61 SECOND) WHERE state = 'mailed'");
  await page.getByRole('button', { name: 'E-Mail noch einmal schicken' }).dblclick();
  await expect(page.getByRole('status')).toContainText('Wir schicken sie noch einmal');
  const [again] = await waitForMails(email, 2);
  expect(linkIn(again, 'confirm')).toBe(linkIn(mail, 'confirm'));
  await page.goto(linkIn(again, 'confirm'));
  await accessible(page);
  await page.getByRole('button', { name: 'Das war ich nicht' }).click();
  await expect(page.getByRole('heading', { name: 'Das ist beendet' })).toBeVisible();
  await accessible(page);
  expect(stateOf()).toBe('not-theirs');
  await expect.poll(async () => (await mails(email)).length, { message: 'the mailbox forgets them' }).toBe(0);
});

test('a number is confirmed from its message; a mail that comes back ends its sign-up', async ({ page }) => {
  const number = `+4477009${String(Date.now() % 90000 + 10000)}`;
  await page.goto('/forms/delay-alerts/en');
  await page.getByLabel('The island line').check();
  await page.getByRole('textbox', { name: /Email/ }).fill(once('runa.dahl'));
  await page.getByRole('checkbox', { name: /SMS/ }).check();
  await page.getByRole('textbox', { name: /Mobile/ }).fill(number);
  await page.waitForTimeout(2200);
  await page.locator('form button').last().click();
  await expect(page.getByText('only once your number is confirmed')).toBeVisible();
  await expect.poll(async () => (await messages(number)).length, { timeout: 15_000 }).toBe(1);
  const [message] = await messages(number);
  await page.goto(message.text.match(/http\S+/)[0]);
  expect(new URL(page.url()).pathname).toBe('/confirm');
  await accessible(page);
  await page.getByRole('button', { name: 'Yes, sign me up' }).click();
  await expect(page.getByRole('heading', { name: 'Your number is confirmed' })).toBeVisible();
  await accessible(page);

  await mailServer('return');
  try {
    await page.goto('/forms/footer-newsletter/de');
    await signUp(page, { email: once('nobody.there'), name: 'Nobody' });
    await expect.poll(stateOf, { timeout: 15_000 }).toBe('undeliverable');
  } finally {
    await mailServer('accept');
  }
});
