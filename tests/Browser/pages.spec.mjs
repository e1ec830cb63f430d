// Forms of several pages: as a visitor fills one in on a phone without a script, and as an editor breaks one into pages.
import { expect, test } from '@playwright/test';
import { HtmlValidate } from 'html-validate';
import { accessible, long, mails, signIn, site, sql, waitForMails } from './support.mjs';

const saved = (page) => expect(page.locator('#sheet-body')).not.toHaveAttribute('data-saving', 'yes');
const button = (page, name) => page.getByRole('button', { name, exact: true });

/** What was served is valid, and clean to axe, which needs a script of its own. */
async function sound(browser, html) {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 }, javaScriptEnabled: true });
  await page.route('**/as-served', (route) => route.fulfill({ body: html, contentType: 'text/html; charset=utf-8' }));
  await page.goto(`${site}/as-served`);
  await accessible(page, { colours: true });
  await page.close();
  const report = await new HtmlValidate({ extends: ['html-validate:standard'] }).validateString(html);
  expect(report.results.flatMap((result) => result.messages.map((m) => `${m.line}: ${m.message}`))).toEqual([]);
}

test.describe('on a phone, without a script', () => {
  test.use({ javaScriptEnabled: false, viewport: { width: 390, height: 844 } });

  test('five pages, back and forth, with an error on the third, lose nothing that was typed', async ({ page, browser }) => {
    await page.goto('/forms/group-travel/de?from=club-letter');
    await sound(browser, await page.content());
    // What a school alone is asked goes away with another answer, and comes back with that one.
    await expect(page.getByText('Wie alt sind die Schüler?')).toBeVisible();
    await page.getByLabel('Wer reist?').selectOption('club');
    await expect(page.getByText('Wie alt sind die Schüler?')).toBeHidden();
    await page.getByLabel('Wer reist?').selectOption('school');
    await page.getByLabel('11 bis 14').check();
    await button(page, 'Weiter').click();
    await page.getByLabel('Welche Überfahrt?').selectOption('islands');
    await page.getByLabel('Im Herbst').check();
    await button(page, 'Weiter').click();
    await page.getByRole('group', { name: 'Eine Stunde auf der Brücke?' }).getByLabel('Ja, gern').check();
    await button(page, 'Weiter').click();
    await expect(page.getByRole('alert')).toContainText('Was sollten wir noch wissen?');
    await sound(browser, await page.content());
    await expect(page.getByLabel('Ja, gern')).toBeChecked();
    const message = 'Wir sind 24.\nZwei im Rollstuhl – "danke" & <bis bald>';
    await page.getByLabel('Was sollten wir noch wissen?').fill(message);
    await button(page, 'Zurück').click();
    await expect(page.getByLabel('Im Herbst')).toBeChecked();
    await button(page, 'Zurück').click();
    await expect(page.getByLabel('Wer reist?')).toHaveValue('school');
    await expect(page.getByLabel('11 bis 14')).toBeChecked();
    for (let i = 0; i < 2; i += 1) await button(page, 'Weiter').click();
    await expect(page.getByLabel('Was sollten wir noch wissen?')).toHaveValue(message);
    await button(page, 'Weiter').click();
    await page.getByLabel('Ihr Name').fill('Jo Lind');
    await page.getByLabel('Ihre E-Mail-Adresse').fill('jo.lind@post.example');
    // Enter goes on, as on any form.
    await page.getByLabel('Telefon').press('Enter');
    await expect(page.getByRole('heading', { name: 'Bevor Sie es senden' })).toBeVisible();
    await sound(browser, await page.content());
    await button(page, 'Angebot anfragen').click();
    await expect(page.getByRole('alert')).toContainText('Ja oder Nein');
    await page.getByLabel('Nein').check();
    await button(page, 'Angebot anfragen').click();
    await expect(page).toHaveURL(/received$/);
  });
});

test('the enquiry of five pages has arrived with every answer, in its language', async ({ page }) => {
  await signIn(page);
  await page.goto('/enquiries');
  await page.getByRole('link', { name: 'jo.lind@post.example' }).click();
  for (const words of ['Eine Schulklasse', '11 bis 14', 'Die Inselfähre', 'Im Herbst', 'Wir sind 24.', 'club-letter']) {
    await expect(page.getByText(words).first()).toBeVisible();
  }
  await accessible(page);
  // It went to those who answer in its language, and word to the sender, once each.
  const [mail] = await waitForMails('gruppen@tidewick.example', 1);
  expect(mail.text).toContain('Zwei im Rollstuhl');
  expect((await waitForMails('jo.lind@post.example', 1))[0].subject).toContain('angekommen');
  expect(await mails('groups@tidewick.example')).toEqual([]);
  await button(page, 'Take it').click();
  await expect(page.getByText('Runa Ekdahl works on it now.')).toBeVisible();
  await button(page, 'Close it').click();
  await expect(page.getByText('From now on its days are counted.')).toBeVisible();
});

test('an editor breaks a form into pages, hangs a field on an answer, and walks the proof, by keyboard', async ({ page }) => {
  await signIn(page, 'malin@tidewick.example');
  await page.goto('/points/contact-form');
  // Begun anew where an earlier try stopped half way.
  for (let i = 0; i < 60 && (await button(page, 'Break the form into pages').count()) === 0; i += 1) {
    await page.getByRole('button', { name: /^Undo/ }).click();
    await saved(page);
  }
  await button(page, 'Break the form into pages').focus();
  await page.keyboard.press('Enter');
  await page.getByLabel('Title of page 1 in English').focus();
  for (const words of ['You', 'Sie']) { await page.keyboard.type(words, { delay: 15 }); await page.keyboard.press('Tab'); }
  await page.getByLabel('Title of page 2 in English').focus();
  for (const words of ['Your question', 'Ihre Frage']) { await page.keyboard.type(words, { delay: 15 }); await page.keyboard.press('Tab'); }
  for (const what of ['choice from a list', 'message', 'voyage news']) await page.getByLabel(`Page of ${what}`).selectOption({ index: 1 });
  await saved(page);
  const proof = page.frameLocator('#proof iframe');
  await expect(proof.getByText('Page 1 of 2')).toBeVisible();
  await page.getByRole('navigation', { name: 'Page of the proof' }).getByRole('link', { name: '2' }).click();
  await expect(proof.getByRole('heading', { name: 'Your question' })).toBeVisible();
  await expect(proof.getByRole('button', { name: 'Send the message' })).toBeVisible();

  // The message is asked where it is about a booking; the proof stays on its page, and shows it while nobody has answered.
  await page.getByLabel('When message is shown').selectOption('about');
  await expect(page.getByText('Choose which answers call for it')).toBeVisible();
  await page.getByLabel(/^Answers that call for message/).first().click();
  await page.locator('#at-fields-message-when-answers-booking').check();
  await saved(page);
  await expect(page.getByText('Choose which answers call for it')).toBeHidden();
  await expect(proof.locator('.on-message')).toBeVisible();
  // Nothing lies under the head of the sheet.
  await page.evaluate(() => window.scrollTo(0, 0));
  await accessible(page);
  await page.reload();
  await expect(page.getByLabel('When message is shown')).toHaveValue('about');
  await expect(page.getByLabel('Page of message')).toHaveValue('page-2');
  // Undone step by step, it is what visitors see.
  const undo = page.getByRole('button', { name: /^Undo/ });
  for (let i = 0; await undo.isEnabled() && i < 14; i += 1) { await undo.click(); await saved(page); }
  await expect(page.getByText('The form is one page.')).toBeVisible();
});

test('every form of the demo is valid and clean to axe, on a phone by day and on a desktop in the dark', async ({ browser }) => {
  const validate = new HtmlValidate({ extends: ['html-validate:standard'] });
  const forms = sql('SELECT p.slug, e.bytes FROM points p JOIN point_editions e ON e.id = (SELECT MAX(id) FROM point_editions WHERE point_id = p.id)').split('\n')
    .map((line) => line.split('\t'))
    .flatMap(([slug, bytes]) => JSON.parse(bytes.replaceAll('\\\\', '\\')).languages.map(({ language }) => `/forms/${slug}/${language}`));
  expect(forms.length).toBeGreaterThan(15);
  for (const address of forms) {
    const { results } = await validate.validateString(await (await fetch(site + address)).text());
    expect(results.flatMap(({ messages }) => messages.map((m) => `${m.line}: ${m.message}`)), address).toEqual([]);
  }
  // In another language the same page has other words: a short run looks at each form in one, and at some in the dark.
  const inOne = forms.filter((address, i) => long || forms.findIndex((each) => each.split('/')[2] === address.split('/')[2]) === i);
  for (const [colorScheme, viewport] of [['light', { width: 390, height: 844 }], ['dark', { width: 1280, height: 800 }]]) {
    const page = await browser.newPage({ colorScheme, viewport });
    for (const address of colorScheme === 'light' ? inOne : inOne.filter((_, i) => long || i % 3 === 0)) {
      await page.goto(address);
      await accessible(page, { colours: true });
      expect(await page.evaluate(() => document.documentElement.scrollWidth), address).toBeLessThanOrEqual(viewport.width);
    }
    await page.close();
  }
});

test('a colour that does not stand out is offered the nearest that does, and the house look is one press away', async ({ page }) => {
  await signIn(page, 'malin@tidewick.example');
  await page.goto('/points/cabin-draw');
  const ink = page.getByLabel('Text', { exact: true });
  await ink.fill('#c9c9c9');
  await ink.dispatchEvent('change');
  await saved(page);
  const row = page.getByRole('row', { name: /^text on the form/ });
  await expect(row).toContainText('4.5 is needed');
  await page.evaluate(() => window.scrollTo(0, 0));
  await accessible(page);
  const proof = page.frameLocator('#proof iframe');
  await expect(proof.locator('h1')).toHaveCSS('color', 'rgb(201, 201, 201)');
  await row.getByRole('button', { name: /^Take #/ }).press('Enter');
  await saved(page);
  await expect(row).toContainText('✓');
  await page.getByLabel('Roundness of corners in pixels').fill('99');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('alert').filter({ hasText: 'from 0 to 24' })).toBeVisible();
  await page.reload();
  await expect(row).toContainText('✓');
  await button(page, 'Back to the house look').press('Enter');
  await saved(page);
  await expect(proof.getByRole('button')).toHaveCSS('background-color', 'rgb(122, 58, 18)');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await saved(page);
  await expect(proof.getByRole('button')).toHaveCSS('background-color', 'rgb(91, 42, 134)');
});
