import { expect, test } from '@playwright/test';
import { accessible, artisan, linkIn, mails, signIn, signUp, waitForMails } from './support.mjs';

test('a stranger signs somebody known up with another name: nothing changes, nothing shows, and whoever has the inbox decides', async ({ page, browser }) => {
  const email = `hanne.lund.${Date.now() % 1e6}@post.example`;
  await page.goto('/forms/footer-newsletter/de');
  await signUp(page, { email, name: 'Hanne' });
  const [asked] = await waitForMails(email, 1);
  await page.goto(linkIn(asked, 'confirm'));
  await page.getByRole('button', { name: 'Ja, melden Sie mich an' }).click();
  await waitForMails(email, 2);

  // The stranger sees what everybody sees.
  const stranger = await (await browser.newContext()).newPage();
  await stranger.goto('/forms/footer-newsletter/de');
  await signUp(stranger, { email, name: 'Spottname' });
  await expect(stranger.getByRole('heading', { name: 'Bitte prüfen Sie Ihr Postfach' })).toBeVisible();
  await expect(stranger.getByText(email)).toBeVisible();

  // The officer sees no word of it.
  const office = await (await browser.newContext()).newPage();
  await signIn(office);
  await office.keyboard.press('/');
  await office.getByLabel('Whose consent').fill(email);
  await office.getByRole('button', { name: 'Look up' }).click();
  await expect(office.locator('#answer')).toContainText('Yes.');
  await expect(office.locator('main')).not.toContainText('Spottname');
  await expect(office.locator('main')).toContainText('Hanne');

  const [mail] = await waitForMails(email, 3);
  expect(mail.subject).toBe('Ihre Angaben: Neues von Bord');
  expect(mail.raw).not.toContain('Spottname');
  const link = linkIn(mail, 'details');
  for (let i = 0; i < 3; i++) expect((await fetch(link)).status).toBe(200);
  await page.goto(link);
  expect(new URL(page.url()).pathname).toBe('/details');
  await expect(page.getByRole('listitem')).toHaveText(['Vorname']);
  await expect(page.locator('main')).not.toContainText('Spottname');
  await accessible(page);

  // It was them after all: pressed twice, as people do.
  await page.getByRole('button', { name: 'Ja, übernehmen' }).dblclick();
  await expect(page.getByRole('heading', { name: /Ihre Angaben sind geändert|Dieser Link ist abgelaufen/ })).toBeVisible();
  await accessible(page);
  await office.reload();
  await expect(office.locator('main')).toContainText('Spottname');
  await expect(office.locator('main')).toContainText('Had details changed');

  // Once more with the same details: word that nothing has changed, with a way to stop.
  await stranger.goto('/forms/footer-newsletter/de');
  await signUp(stranger, { email, name: 'Spottname' });
  const [word] = await waitForMails(email, 4);
  expect(word.subject).toBe('Es bleibt, wie es ist: Neues von Bord');
  await page.goto(linkIn(word, 'withdraw'));
  await page.getByRole('button', { name: 'Keine E-Mails mehr schicken' }).click();
  await expect(page.getByRole('heading', { name: 'Erledigt' })).toBeVisible();
  expect(JSON.parse(artisan('consent:state', email, '--json').out).permissions[0]).toMatchObject({ allowed: false, reason: 'withdrawn' });
  expect((await mails(email)).length).toBe(4);
});
