import { expect, test } from '@playwright/test';
import { accessible, mails, signIn, signUp, waitForMails } from './support.mjs';

test('an editor words a mail in two languages, sees it on a phone in the dark, sends it to herself and submits; an officer approves', async ({ page, browser }) => {
  await signIn(page, 'malin@tidewick.example');
  await page.goto('/wording/mails');
  await accessible(page);
  // A second try finds what the first began.
  const begun = page.getByRole('link', { name: 'Confirmation', exact: true });
  await page.getByRole('button', { name: 'Word it: Confirmation of Tidewick Ferries' }).or(begun).click();
  await expect(page.getByRole('heading', { name: 'Confirmation' })).toBeVisible();
  await accessible(page);

  // Typed, filled in by its button, and by keyboard: what is typed shows in the proof before it is saved.
  const german = page.getByLabel('Subject, Deutsch');
  await page.getByLabel('Subject, English').fill('Nearly aboard: ');
  await page.getByRole('button', { name: 'Fill the title of the form into subject' }).click();
  await expect(page.getByLabel('Subject, English')).toHaveValue('Nearly aboard: {title}');
  await german.fill('Fast an Bord: ');
  await page.keyboard.type('{titel}');
  await page.keyboard.press('Tab');
  await expect(page.getByText('knows no “{titel}”')).toBeVisible();
  await expect(german).toHaveValue('Fast an Bord: {titel}');
  // Put back as it was saved, nothing is wrong any more.
  const stood = await german.evaluate((field) => field.defaultValue);
  await german.fill(stood);
  await page.keyboard.press('Tab');
  await expect(page.getByText('knows no')).toHaveCount(0);
  await german.fill('Fast an Bord: {title}');
  await page.keyboard.press('Tab');
  await expect(page.getByText('knows no')).toHaveCount(0);
  await page.getByLabel('Greeting, where a name was given, Deutsch').fill('Moin {name},');
  await page.keyboard.press('Tab');

  // On a phone, in the dark, in German; with an odd name; and as text.
  await page.getByRole('link', { name: 'Deutsch' }).click();
  await expect(page).toHaveURL(/[?&]shown=de/);
  await page.getByRole('link', { name: 'Dark' }).click();
  await expect(page.locator('.subject')).toContainText(/Fast an Bord: \p{Lu}/u);
  const proof = page.frameLocator('#proof iframe');
  await expect(proof.getByText('Moin Hanne,')).toBeVisible();
  await expect(proof.locator('.paper')).toHaveCSS('background-color', 'rgb(27, 33, 43)');
  expect((await page.locator('#proof iframe').boundingBox()).width).toBeLessThan(420);
  await accessible(page);
  await page.getByRole('link', { name: 'Odd', exact: true }).click();
  await expect(proof.getByText('Noch ein Klick')).toBeVisible();
  await expect(proof.getByText('Moin')).toHaveCount(0);
  await page.reload();
  await expect(german).toHaveValue('Fast an Bord: {title}');

  const before = (await mails('malin@tidewick.example')).length;
  await page.getByRole('button', { name: 'Send it to me' }).click();
  await expect(page.getByText('It is on its way to malin@tidewick.example')).toBeVisible();
  const [sent] = await waitForMails('malin@tidewick.example', before + 1);
  expect(sent.subject).toMatch(/^Fast an Bord: \p{Lu}/u);
  await page.getByRole('link', { name: 'Submit for approval…' }).click();
  await page.getByLabel(/comment/i).fill('The subject says where people are.');
  await page.getByRole('button', { name: /Submit/ }).click();

  // The officer sees it on the desk, with the forms that would show it, and approves.
  const officer = await (await browser.newContext()).newPage();
  await signIn(officer);
  await officer.locator('article').filter({ hasText: 'Mail tidewick ferries confirmation' }).getByRole('link', { name: 'Review' }).click();
  await expect(officer.getByText('Fast an Bord')).toBeVisible();
  await expect(officer.getByRole('checkbox', { name: 'Footer newsletter' })).toBeChecked();
  await accessible(officer);
  await officer.getByRole('button', { name: /Approve/ }).click();
  await expect(officer.getByText('edition 1 in force')).toBeVisible();

  // And people get it.
  const email = `wiebke.${Date.now() % 1e6}@post.example`;
  await page.goto('/forms/footer-newsletter/de');
  await signUp(page, { email, name: 'Wiebke' });
  const [mail] = await waitForMails(email, 1);
  expect(mail.subject).toBe('Fast an Bord: Neues von Bord');
  expect(mail.text).toContain('Moin Wiebke,');
});
