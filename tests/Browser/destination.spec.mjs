import { expect, test } from '@playwright/test';
import {
  accessible, handedOver, linkIn, listCalls, listService, mails, scheduled, signIn, sql, waitForMails,
} from './support.mjs';

const guide = '%PDF-1.4\n1 0 obj\n<< /Type /Catalog >>\nendobj\ntrailer << /Root 1 0 R >>\n%%EOF\n';
const fill = async (page, email) => {
  await page.goto('/forms/contact-form/de');
  await page.getByLabel(/^Ihr Name/).fill('Frauke');
  await page.getByLabel(/^Ihre E-Mail-Adresse/).fill(email);
  await page.getByLabel(/^Ihre Nachricht/).fill('Wann fährt die Abendfähre im Mai?');
  await page.getByRole('checkbox').check();
  await page.waitForTimeout(2100);
  await page.getByRole('button', { name: 'Nachricht senden' }).click();
  await expect(page.getByRole('heading', { name: 'Bitte prüfen Sie Ihr Postfach' })).toBeVisible();
};
const kinds = async (email) => (await mails(email)).map((mail) => mail.subject);
const back = (column, hours) => sql(`UPDATE journeys SET ${column} = DATE_SUB(${column}, INTERVAL ${hours} HOUR)
  WHERE ended_at IS NULL ORDER BY asked_at DESC LIMIT 1`);

test.afterEach(() => listService('mode', { name: 'take' }));

test.setTimeout(90_000);

test('from a message with a newsletter and a gift to a list elsewhere, and off it again', async ({ page, browser }) => {
  const email = `frauke.${Date.now()}@post.example`;

  // The editor gives a guide with the contact form, and lets it remind; an officer publishes that.
  const office = await (await browser.newContext()).newPage();
  await signIn(office, 'malin@tidewick.example');
  await office.goto('/points/contact-form');
  const file = { name: 'Fahrplan im Mai.pdf', mimeType: 'application/pdf', buffer: Buffer.from(guide) };
  await office.getByLabel('The file that is given').setInputFiles(file);
  await office.getByRole('button', { name: 'Give this' }).click();
  await expect(office.getByText('The file is the gift.')).toBeVisible();
  for (const [language, name] of [['English', 'The timetable for May'], ['Deutsch', 'Fahrplan im Mai']]) {
    await office.getByLabel(`What the gift is called, ${language}`).fill(name);
    await office.keyboard.press('Tab');
  }
  await office.locator('#at-departures-reminder-days').click();
  await office.locator('#at-departures-reminder-days-value').fill('2');
  await office.locator('#at-departures-reminder-days-reason').fill('Who writes to the harbour office reads mail on the quay, not every day.');
  await office.getByRole('button', { name: 'Depart', exact: true }).locator('visible=true').click();
  await expect(office.getByRole('cell', { name: 'one reminder after 2 days' })).toBeVisible();
  await office.reload();
  await expect(office.getByLabel('What the gift is called, Deutsch')).toHaveValue('Fahrplan im Mai');
  await expect(office.getByText('comes, by email, onto')).toContainText('which goes to Quayside lists');
  await accessible(office);
  const officer = await (await browser.newContext()).newPage();
  await signIn(officer);
  await officer.goto('/points/contact-form/publish');
  await officer.getByRole('button', { name: /^Publish/ }).click();
  await expect(officer.getByText('is published. Visitors see it')).toBeVisible();

  // A visitor writes, and reads no mail for days: reminded once, sent once more as asked, and lapsed.
  await fill(page, email);
  const both = expect.arrayContaining([expect.stringContaining('angekommen'), expect.stringContaining('bestätigen')]);
  await expect.poll(() => kinds(email), { timeout: 15_000 }).toEqual(both);
  const acknowledgement = (await mails(email)).find((mail) => mail.text.includes('/gift/'));
  expect(await (await fetch(linkIn(acknowledgement, 'gift'))).text()).toBe(guide);
  back('remind_at', 60);
  scheduled('remind');
  await waitForMails(email, 3);
  back('mailed_at', 1);
  await page.getByRole('button', { name: 'E-Mail noch einmal schicken' }).click();
  await waitForMails(email, 4);
  await expect.poll(() => sql("SELECT COUNT(*) FROM deliveries WHERE state IN ('waiting', 'claimed') AND kind = 'resent'")).toBe('0');
  // Taken out of the mailbox now, which forgets what has lapsed.
  const lapsing = linkIn((await mails(email)).find((mail) => mail.text.includes('/confirm/')), 'confirm');
  back('lapses_at', 24 * 40);
  scheduled('lapse');
  await page.goto(lapsing);
  await expect(page.getByRole('heading', { name: 'Dieser Link gilt nicht mehr' })).toBeVisible();
  expect(await handedOver(email)).toEqual([]);

  // Once more, and confirmed: the gift is on the page, and the destination fails twice before it takes anybody.
  await listService('mode', { name: 'fail' });
  await fill(page, email);
  const askings = async () => (await mails(email)).filter((mail) => mail.text.includes('/confirm/'));
  // What lapsed is forgotten by the mailbox too.
  await expect.poll(async () => (await askings()).length, { timeout: 15_000 }).toBe(1);
  const [asked] = await askings();
  await page.goto(linkIn(asked, 'confirm'));
  await page.getByRole('button', { name: 'Ja, melden Sie mich an' }).click();
  await expect(page.getByRole('heading', { name: 'Ihr Geschenk' })).toBeVisible();
  await accessible(page);
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Fahrplan im Mai' }).click()]);
  expect(download.suggestedFilename()).toBe('Fahrplan im Mai.pdf');
  const failed = async () => (await listCalls()).filter((call) => call.mode === 'fail' && call.method === 'PUT').length;
  const soon = () => sql("UPDATE deliveries SET due_at = UTC_TIMESTAMP(6) WHERE kind = 'handover' AND state = 'waiting'");
  // A slow machine may have tried again before anybody counts.
  await expect.poll(failed, { timeout: 15_000 }).toBeGreaterThan(0);
  await expect.poll(() => { soon(); return failed(); }, { timeout: 15_000 }).toBeGreaterThan(1);
  expect(await handedOver(email)).toEqual([]);
  await listService('mode', { name: 'take' });
  await expect.poll(() => { soon(); return handedOver(email); }, { timeout: 15_000 }).toHaveLength(1);
  const [person] = await handedOver(email);
  expect(person.groups).toEqual({ voyages: 'in' });
  expect(person.fields).toMatchObject({ tongue: 'de' });
  expect(person.marks).toEqual(['aboard']);
  expect(JSON.stringify(person)).not.toContain('Abendfähre');

  // The officer sees where it went; the link that went over ends it, and that is acknowledged there.
  await officer.goto('/evidence');
  await officer.getByLabel('Whose consent').fill(email);
  await officer.getByRole('button', { name: 'Look up' }).click();
  await expect(officer.getByRole('table', { name: 'Where it went' })).toContainText('Quayside lists: handed over, acknowledged');
  await accessible(officer);
  await page.goto(person.fields.leave);
  await page.getByRole('button', { name: 'Keine E-Mails mehr schicken' }).click();
  await expect.poll(() => handedOver(email), { timeout: 15_000 }).toEqual([]);
  await officer.reload();
  await expect(officer.getByRole('table', { name: 'Where it went' })).toContainText('not on it any more');
  await expect(officer.getByRole('table', { name: 'Where it went' })).toContainText('Quayside lists: taken off, acknowledged');
  const acts = officer.getByRole('table', { name: 'Acts, in order' });
  for (const act of ['Agreed', 'Confirmation mail sent', 'Confirmed from the mail', 'Withdrew']) await expect(acts).toContainText(act);
  // Whoever lapsed was forgotten, so that the same address came as somebody new; what happened before stands on a page without an address.
  await officer.goto('/evidence/signups?state=lapsed&point=contact-form');
  await officer.locator('tbody a').first().click();
  for (const act of ['Reminder sent', 'Confirmation mail sent once more', 'Lapsed, not confirmed']) await expect(acts).toContainText(act);
  await expect(officer.getByRole('heading', { level: 1 })).not.toContainText('@');
});

test('a destination is set up, tried, refuses its key and gets a new one, by those whose work each is', async ({ page, browser }) => {
  const name = `Evening post ${Date.now()}`;
  await signIn(page);
  await page.goto('/lists');
  await accessible(page);
  await page.getByLabel('Add a destination called').fill(name);
  await page.locator('#of-destination').selectOption({ label: 'Tidewick Ferries' });
  await page.getByRole('button', { name: 'Add' }).click();
  await expect(page.getByRole('heading', { name })).toBeVisible();
  await expect(page.getByText('Say who runs it')).toBeVisible();
  await page.getByLabel('Address', { exact: true }).fill('https://lists.quayside-post.example');
  await page.keyboard.press('Tab');
  await page.getByLabel('Who runs it').selectOption({ label: 'Quayside Post' });
  await page.getByLabel('Ask for another list').selectOption({ label: 'Voyage news, everybody' });
  await page.getByRole('button', { name: 'Add the list' }).click();
  await expect(page.getByText('Say into which group there')).toBeVisible();
  await page.getByRole('button', { name: 'Fetch its fields' }).click();
  await expect(page.getByText('could not be asked')).toBeVisible();

  // Without a key nothing is fetched; an administrator sets it, and sees none.
  const sven = await (await browser.newContext()).newPage();
  await signIn(sven, 'sven@tidewick.example');
  await sven.getByRole('link', { name: 'Keys' }).click();
  await accessible(sven);
  await sven.getByLabel(`New key of ${name}`).fill('tidewick-lists-key');
  await sven.getByRole('row', { name: new RegExp(name) }).getByRole('button', { name: 'Set' }).click();
  await expect(sven.getByText('The key is set.')).toBeVisible();
  expect(await sven.content()).not.toContain('tidewick-lists-key');
  await page.getByRole('button', { name: 'Fetch its fields' }).click();
  await expect(page.getByText('It has 7 fields and 2 groups.')).toBeVisible();
  await page.getByLabel('Group for Voyage news, everybody').selectOption({ label: 'Voyages' });
  await expect(page.getByText('People may be handed over as it is written')).toBeVisible();
  await page.getByLabel('Hidden mark for Voyage news, everybody').fill('evening');
  await page.keyboard.press('Tab');
  await page.reload();
  await page.getByLabel('What the mark of Voyage news, everybody starts').selectOption({ label: 'mails for island walks' });
  await expect(page.getByText('starts mails for island walks there')).toBeVisible();
  await page.getByLabel('What the mark of Voyage news, everybody starts').selectOption({ label: 'mails for voyage news' });
  await page.getByLabel('Signup point', { exact: true }).selectOption({ label: 'not passed on, on purpose' });
  await accessible(page);
  await page.getByRole('button', { name: 'Try it' }).click();
  await expect(page.getByText('arrived, and may be written to at once. It was taken back.')).toBeVisible();
  await listService('asks', { asks: 'on' });
  await page.getByRole('button', { name: 'Try it' }).click();
  await expect(page.getByText('waits there to be confirmed once more. It was taken back.')).toBeVisible();
  await page.getByRole('button', { name: 'Fetch its fields' }).click();
  await expect(page.getByText('people will be asked twice')).toBeVisible();
  await listService('asks', { takes: 'on' });
  await page.getByRole('button', { name: 'Fetch its fields' }).click();
  await expect(page.getByText('people will be asked twice')).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Signup point', { exact: true })).toHaveValue('');
});
