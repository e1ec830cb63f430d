// Accounts as people use them: invited by an administrator, a password by the mail's link, a code of an app, a forgotten password.
import { generateSync } from 'otplib';
import { expect, test } from '@playwright/test';
import { accessible, linkIn, signIn, waitForMails } from './support.mjs';

const codeOf = (secret) => generateSync({ secret });

test('somebody is invited, sets up a code at sign-in, loses the phone and the password, and is let in again', async ({ browser, page }) => {
  test.setTimeout(90_000);
  const email = `ida.${Date.now()}@tidewick.example`;
  await signIn(page, 'sven@tidewick.example');
  await page.getByRole('link', { name: 'Accounts' }).click();
  await page.getByLabel('Name').fill('Ida Lund');
  await page.getByLabel('Email').fill('ida at tidewick');
  await page.getByLabel('Email').press('Enter');
  await expect(page.getByRole('alert')).toContainText('@');
  await expect(page.getByLabel('Name')).toHaveValue('Ida Lund');
  await page.getByLabel('Email').fill(email);
  await page.getByLabel('Email').press('Enter');
  await expect(page.getByRole('status')).toContainText('Ida Lund is invited');
  await accessible(page);

  const hers = await (await browser.newContext()).newPage();
  const [invitation] = await waitForMails(email, 1);
  await hers.goto(linkIn(invitation, 'enter'));
  await expect(hers).toHaveURL(/\/enter\?opened=1$/);
  await accessible(hers);
  await hers.getByLabel('New password').fill('short');
  await hers.getByLabel('Once more').fill('short');
  await hers.getByRole('button', { name: 'Set it' }).click();
  await expect(hers.getByRole('alert')).toContainText('at least 12');
  await hers.reload();
  await hers.getByLabel('New password').fill('the ferry leaves at nine');
  await hers.getByLabel('Once more').fill('the ferry leaves at nine');
  await hers.getByRole('button', { name: 'Set it' }).click();
  await expect(hers.getByRole('status')).toContainText('Your password is set');
  const enter = async (password) => {
    await hers.getByLabel('Email').fill(email);
    await hers.getByLabel('Password').fill(password);
    await hers.getByRole('button', { name: 'Sign in' }).click();
  };
  await enter('the ferry leaves at nine');
  await expect(hers).toHaveURL(/\/desk$/);

  await hers.goto('/account');
  await accessible(hers);
  await hers.getByRole('link', { name: 'Set it up' }).click();
  await expect(hers.locator('#code-picture svg path')).toHaveCount(1);
  await accessible(hers);
  const secret = (await hers.locator('.secret').innerText()).replace(/\s/g, '');
  await hers.getByLabel('Type the code').fill('000000');
  await hers.getByLabel('Your password').fill('the ferry leaves at nine');
  await hers.getByRole('button', { name: 'Ask me for it' }).click();
  await expect(hers.getByRole('alert')).toContainText('does not fit');
  await expect(hers.locator('.secret')).toHaveText(secret.match(/.{4}/g).join(' '));
  await hers.getByLabel('Type the code').fill(codeOf(secret));
  await hers.getByLabel('Your password').fill('the ferry leaves at nine');
  await hers.getByRole('button', { name: 'Ask me for it' }).click();
  const recovery = await hers.locator('.recovery li').allInnerTexts();
  expect(recovery).toHaveLength(10);
  await accessible(hers);
  await hers.getByRole('button', { name: 'Sign out' }).click();

  await enter('the ferry leaves at nine');
  await expect(hers).toHaveURL(/\/login\/code$/);
  await accessible(hers);
  await hers.goto('/desk');
  await expect(hers).toHaveURL(/\/login$/);
  await hers.goto('/login/code');
  await hers.getByLabel('Code').fill(recovery[0].toLowerCase());
  await hers.keyboard.press('Enter');
  await expect(hers).toHaveURL(/\/desk$/);
  await hers.goto('/account');
  await expect(hers.locator('main')).toContainText('9 recovery codes left');
  await expect(hers.locator('main')).toContainText('signed in with a recovery code');
  await hers.getByRole('button', { name: 'Sign out' }).click();

  // The phone is gone, and the password forgotten: an administrator ends the code, and a mail brings a link.
  await page.getByRole('row').filter({ hasText: email }).getByRole('link').click();
  await accessible(page);
  await page.getByRole('button', { name: 'Ask for no code' }).click();
  await expect(page.getByRole('status')).toContainText('No code is asked for any more');
  await hers.getByRole('link', { name: 'Forgotten the password?' }).click();
  await hers.getByLabel('Email').fill(email);
  await hers.getByRole('button', { name: 'Send the link' }).click();
  await expect(hers.getByRole('status')).toContainText('on its way');
  await accessible(hers);
  const second = linkIn((await waitForMails(email, 2)).find((mail) => /new password/i.test(mail.subject)), 'enter');
  await hers.goto(second);
  await hers.getByLabel('New password').fill('another quiet harbour');
  await hers.getByLabel('Once more').fill('another quiet harbour');
  await hers.getByRole('button', { name: 'Set it' }).click();
  await enter('another quiet harbour');
  await expect(hers).toHaveURL(/\/desk$/);
  await hers.goto(second);
  await expect(hers.locator('main')).toContainText('used already');

  // The account ends while she works: her next step is out.
  await page.getByRole('button', { name: 'End the account' }).click();
  await expect(page.getByRole('status')).toContainText('has ended');
  await hers.goto('/desk');
  await expect(hers).toHaveURL(/\/login/);
  await page.getByRole('button', { name: 'Open it again' }).click();
  await expect(page.getByRole('status')).toContainText('open again');
  await page.getByRole('button', { name: 'End the account' }).click();
});
