import { expect, test } from '@playwright/test';
import { accessible, artisan, linkIn, mails, signIn, signUp, site, waitForMails } from './support.mjs';

test('one sign-up, from the form to the proof, and out again', async ({ page, browser, request }) => {
  const email = 'Jette.Holm@post.example';

  // A visitor signs up in German.
  await page.goto('/forms/footer-newsletter/de');
  await expect(page.getByRole('heading', { name: 'Neues von Bord' })).toBeVisible();
  await expect(page.getByRole('checkbox')).not.toBeChecked();
  await accessible(page);
  expect(await page.context().cookies()).toEqual([]);
  await signUp(page, { email, name: 'Jette' });
  await expect(page.getByRole('heading', { name: 'Bitte prüfen Sie Ihr Postfach' })).toBeVisible();
  await accessible(page);

  // The mail arrives; it has one link and nothing to unsubscribe from.
  const [mail] = await waitForMails(email, 1);
  expect(mail.subject).toBe('Bitte bestätigen: Neues von Bord');
  expect(mail.text).toContain('Ja, Tidewick Ferries darf mir einmal im Monat');
  expect(mail.headers.join('\n')).not.toMatch(/List-Unsubscribe/i);
  const link = linkIn(mail, 'confirm');

  // A mail scanner opens the link, several times; nobody is confirmed by that.
  for (let i = 0; i < 3; i++) expect((await fetch(link)).status).toBe(200);
  expect((await fetch(link, { method: 'HEAD' })).status).toBe(200);
  expect(JSON.parse(artisan('consent:state', email, '--json').out).permissions[0]).toMatchObject({ allowed: false, reason: 'awaiting-confirmation' });

  // The officer looks: not yet.
  const office = await (await browser.newContext()).newPage();
  await signIn(office);
  await office.keyboard.press('/');
  await office.getByLabel('Whose consent').fill(email.toLowerCase());
  await office.getByRole('button', { name: 'Look up' }).click();
  await expect(office.locator('#answer')).toContainText('No.');
  await expect(office.locator('#answer')).toContainText('had not confirmed it by then');
  await accessible(office);
  const before = await office.getByLabel('on', { exact: true }).inputValue();

  // The person presses the button, twice in a row as people do.
  await page.goto(link);
  expect(new URL(page.url()).pathname).toBe('/confirm');
  await accessible(page);
  await page.getByRole('button', { name: 'Ja, melden Sie mich an' }).dblclick();
  // What the second press brings may come a moment after the first.
  await page.waitForLoadState('networkidle');
  await expect(page.getByRole('heading', { name: /Sie sind angemeldet|Sie hatten schon bestätigt/ })).toBeVisible();
  await accessible(page);
  await page.goto(link);
  await expect(page.getByRole('heading', { name: 'Sie hatten schon bestätigt' })).toBeVisible();

  // The officer sees the form and the words as shown, and asks before and after.
  await office.waitForTimeout(1000);
  await office.goto(office.url());
  await expect(office.locator('#answer')).toContainText('Yes.');
  await expect(office.getByRole('table', { name: 'Acts, in order' })).toContainText('Confirmed from the mail');
  const shown = office.frameLocator('iframe');
  await expect(shown.locator('#email')).toHaveValue(email);
  await expect(shown.locator('#first-name')).toHaveValue('Jette');
  await expect(shown.getByRole('checkbox')).toBeChecked();
  await expect(shown.locator('label[for=yes-voyage-news]'))
    .toContainText('Ja, Tidewick Ferries darf mir einmal im Monat neue Fahrten und Preise per E-Mail schicken.');
  await expect(office.getByRole('complementary')).toContainText('Statement voyage-news, edition 1, Deutsch');
  await office.getByLabel('on', { exact: true }).fill(before);
  await office.getByLabel('on', { exact: true }).press('Enter');
  await expect(office.locator('#answer')).toContainText('No.');

  // The proof verifies once it is sealed.
  artisan('ledger:seal');
  await office.goto(office.url());
  await expect(office.getByText('Proof verifies')).toBeVisible();
  await accessible(office);
  expect(artisan('ledger:verify').code).toBe(0);

  // The welcome mail brings one-click withdrawal (RFC 8058), which a mail program uses.
  const [welcome] = await waitForMails(email, 2);
  expect(welcome.text).toContain('Guten Tag, Jette,');
  const headers = welcome.headers.join('\n');
  expect(headers).toMatch(/^List-Unsubscribe-Post: List-Unsubscribe=One-Click$/m);
  const out = linkIn(welcome, 'withdraw');
  expect((await fetch(out)).status).toBe(200);
  const clicked = await request.post(out, { form: { 'List-Unsubscribe': 'One-Click' } });
  expect(clicked.status()).toBe(200);

  // Asked again: no, with its reason; before it, still yes.
  await office.goto(office.url().replace(/\?.*/, ''));
  await expect(office.locator('#answer')).toContainText('No.');
  await expect(office.locator('#answer')).toContainText('withdrew');
  await expect(office.getByRole('table', { name: 'Acts, in order' })).toContainText("one-click");
  await page.goto(out);
  await expect(page.getByRole('heading', { name: 'Es ist nichts mehr abzubestellen' })).toBeVisible();
  expect((await mails(email)).length).toBe(2);
  expect(artisan('consent:rebuild', '--check').code).toBe(0);
  expect((await fetch(`${site}/ledger/checkpoint`)).status).toBe(200);
});
