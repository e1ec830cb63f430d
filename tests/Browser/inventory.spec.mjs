// From the inventory to a published contact form with a newsletter that nobody has to take: by keyboard alone, and by mouse with drag.
import { expect, test } from '@playwright/test';
import { accessible, mails, signIn, signOut, sql, waitForMails } from './support.mjs';

const saved = (page) => expect(page.locator('#sheet-body')).not.toHaveAttribute('data-saving', 'yes');
// A second try begins a point of its own: the first try's stands already.
const named = (name) => (test.info().retry === 0 ? name : `${name} once more`);
const slug = (name) => named(name).toLowerCase().replaceAll(' ', '-');
const order = (page) => page.locator('.asked > tbody[data-item]').evaluateAll((rows) => rows.map((row) => row.dataset.item.split('/')[1]));

/** Counts what hands do: each press of a key that is no typing, each field typed into, each click, each drag. */
function counted(page) {
  const done = { actions: 0 };
  const act = () => { done.actions += 1; };
  return {
    done,
    press: async (key) => { act(); await page.keyboard.press(key); },
    type: async (text) => { act(); await page.keyboard.type(text, { delay: 5 }); },
    click: async (target) => { act(); await target.click(); },
    fill: async (target, text) => {
      act();
      await target.click();
      await page.keyboard.press('ControlOrMeta+a');
      await page.keyboard.type(text, { delay: 5 });
      await page.keyboard.press('Tab');
    },
    choose: async (target, value) => { act(); await target.selectOption(value); },
    drag: async (from, onto) => {
      act();
      await page.locator(from).scrollIntoViewIfNeeded();
      const [a, b] = [await page.locator(from).boundingBox(), await page.locator(onto).boundingBox()];
      await page.mouse.move(a.x + a.width / 2, a.y + a.height / 2);
      await page.mouse.down();
      await page.mouse.move(a.x + a.width / 2, a.y - 12, { steps: 4 });
      await page.mouse.move(b.x + b.width / 2, b.y + 4, { steps: 12 });
      await page.mouse.up();
    },
    // Tab after Tab until it has the focus: one way there, as the finger stays on the key.
    reach: async (label) => {
      act();
      for (let i = 0; i < 250; i += 1) {
        await page.keyboard.press('Tab');
        const name = await page.evaluate(() => {
          const e = document.activeElement;
          return (e.getAttribute('aria-label') ?? e.labels?.[0]?.textContent ?? e.textContent ?? '').replace(/\s+/g, ' ').trim();
        });
        if (label.test(name)) return;
      }
      throw new Error(`Tab does not reach ${label}.`);
    },
  };
}

/** Sends the published form twice, once ticked: each time the message arrives once, whatever is ticked. */
async function arrives(page, point) {
  for (const [language, ticks, email] of [['en', false, `without.${point}@post.example`], ['de', true, `with.${point}@post.example`]]) {
    await page.goto(`/forms/${point}/${language}`);
    await page.locator('#email').fill(email);
    await page.locator('#message').fill(`Is there room for a tandem? ${language}`);
    if (ticks) await page.locator('#yes-voyage-news').check();
    await page.waitForTimeout(2100);
    await page.locator('form button').click();
    await expect(page).toHaveURL(ticks ? /sent$/ : /received$/);
  }
  const arrived = await waitForMails(`${point}@tidewick.example`, 2);
  expect(arrived.map((mail) => /tandem\? (en|de)/.exec(mail.text)[1]).sort()).toEqual(['de', 'en']);
  await waitForMails(`without.${point}@post.example`, 1);
  const both = await waitForMails(`with.${point}@post.example`, 2);
  expect(both.map((mail) => /bestätigen/i.test(mail.subject)).sort()).toEqual([false, true]);
  const of = 'FROM enquiries e JOIN point_editions p ON p.id = e.point_edition_id JOIN points o ON o.id = p.point_id';
  expect(sql(`SELECT COUNT(*) ${of} WHERE o.slug = '${point}'`)).toBe('2');
  expect(await mails('nobody@post.example')).toEqual([]);
}

test('by keyboard alone, in under forty actions', async ({ page }) => {
  await signIn(page, 'malin@tidewick.example');
  await page.goto('/points');
  await accessible(page);
  const hands = counted(page);
  await hands.reach(/^It is called$/);
  await hands.type(named('Tandem desk'));
  await hands.reach(/^and asks for$/);
  await hands.type('voyage');
  await hands.reach(/^Newsletter/);
  await hands.press('ArrowDown');
  await hands.press('Enter');
  await expect(page).toHaveURL(`/points/${slug('Tandem desk')}`);
  await accessible(page);
  await hands.reach(/^Where it stands$/);
  await hands.type('the tandem page of tidewick.example');
  await hands.reach(/^Languages: /);
  await hands.press('Enter');
  for (const language of [/^Svenska$/, /^Dansk$/]) { await hands.reach(language); await hands.press('Space'); await saved(page); }
  await hands.reach(/^Move message up$/);
  await hands.press('Enter');
  await saved(page);
  await hands.reach(/^Address of recipient 1$/);
  await hands.type(`${slug('Tandem desk')}@tidewick.example`);
  await hands.press('Tab');
  await saved(page);
  expect(await order(page)).toEqual(['name', 'message', 'email']);
  await expect(page.getByText('What remains to be done')).toBeHidden();
  expect(hands.done.actions).toBeLessThan(40);
  console.log(`by keyboard: ${hands.done.actions} actions to a finished sheet`);

  // Another officer publishes, by keyboard too.
  await signOut(page);
  await signIn(page);
  await page.goto(`/points/${slug('Tandem desk')}`);
  const officer = counted(page);
  await officer.reach(/^Publish|^Review/);
  await officer.press('Enter');
  await expect(page).toHaveURL(/publish$/);
  await officer.reach(/^Publish/);
  await officer.press('Enter');
  await expect(page).toHaveURL(`/points/${slug('Tandem desk')}`);
  expect(hands.done.actions + officer.done.actions).toBeLessThan(40);
  await arrives(page, slug('Tandem desk'));
});

test('by mouse with drag, in under forty actions', { tag: '@long' }, async ({ page }) => {
  await signIn(page, 'malin@tidewick.example');
  await page.goto('/points');
  const hands = counted(page);
  await hands.fill(page.getByLabel('It is called'), named('Quay desk'));
  await hands.choose(page.getByLabel('and asks for'), 'voyage-news');
  await hands.click(page.getByText('Contact form with an optional newsletter'));
  await hands.click(page.getByRole('button', { name: 'Begin', exact: true }));
  await hands.fill(page.getByLabel('Where it stands'), 'the quay page of tidewick.example');
  await hands.click(page.locator('#at-languages'));
  for (const language of ['sv', 'da']) { await hands.click(page.locator(`#at-languages-${language}`)); await saved(page); }
  await hands.drag('#grip-fields-message', '#grip-fields-email');
  await saved(page);
  await hands.fill(page.getByLabel('Address of recipient 1'), `${slug('Quay desk')}@tidewick.example`);
  await saved(page);
  expect(await order(page)).toEqual(['name', 'message', 'email']);
  await expect(page.getByText('What remains to be done')).toBeHidden();
  await page.reload();
  expect(await order(page)).toEqual(['name', 'message', 'email']);
  await signOut(page);
  await signIn(page);
  await page.goto(`/points/${slug('Quay desk')}/publish`);
  await hands.click(page.locator('#do-publish'));
  await expect(page).toHaveURL(`/points/${slug('Quay desk')}`);
  console.log(`by mouse: ${hands.done.actions} actions`);
  expect(hands.done.actions).toBeLessThan(40);
  await arrives(page, slug('Quay desk'));
});

test('the picture of all points leads to each, and what was wrong in a file is said where it was chosen', async ({ page }) => {
  await signIn(page);
  await page.goto('/points?as=picture');
  await accessible(page);
  await page.getByRole('link', { name: /^Cabin prize draw, on-board kiosk, the kiosk tablets on board: draft/ }).click();
  await expect(page).toHaveURL(/cabin-draw$/);
  await page.goto('/points');
  const file = { name: 'stock.csv', mimeType: 'text/csv', buffer: Buffer.from('name,starter,statement\nGate,nothing,voyage-news\n') };
  await page.getByLabel(/^A CSV with the columns/).setInputFiles(file);
  await page.getByRole('button', { name: 'Begin them' }).click();
  await expect(page.getByRole('alert')).toContainText('Line 2:');
});
