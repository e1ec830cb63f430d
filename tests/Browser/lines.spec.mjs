// Lines of screening, moved by mouse and by keys: what follows is shown at once, and the list of what would change equals a recount.
import { expect, test } from '@playwright/test';
import { accessible, signIn, sql } from './support.mjs';

const fields = ['puzzle', 'hold', 'refuse'];
const read = async (page) => Promise.all(fields.map(async (name) => Number(await page.locator(`#${name}`).inputValue())));
const band = (risk, solved, [puzzle, hold, refuse]) => {
  if (risk >= refuse) return 'refuse';
  if (risk >= hold) return 'hold';
  if (risk < puzzle) return 'pass';
  // The puzzle is not put twice.
  if (!solved) return 'puzzle';
  return risk >= 50 ? 'hold' : 'pass';
};
/** Those that would change, counted from the database by a rule of its own. */
const recount = (from, to) => sql('SELECT risk, signals FROM assessed_submissions WHERE assessed_at > DATE_SUB(UTC_TIMESTAMP(6), INTERVAL 60 DAY)')
  .split('\n').filter((line) => line !== '').map((line) => line.split('\t'))
  .filter(([risk, signals]) => [from, to].map((lines) => band(Number(risk), signals.includes('puzzle-solved'), lines)).reduce((a, b) => a !== b)).length;
const listed = async (page) => {
  const caption = page.locator('#moved table caption');
  return (await caption.count()) === 0 ? 0 : Number((await caption.textContent()).replace(/\D/g, ''));
};

test('an officer moves the lines by mouse and keys, sees what follows, and draws them with a reason', async ({ page }) => {
  await signIn(page);
  await page.goto('/screening/lines');
  await accessible(page);
  const inForce = await read(page);
  expect(await listed(page)).toBe(0);

  // By mouse: the line that holds goes left, past the first, which it takes along.
  const grip = page.locator('[data-line=hold] .risk-grip');
  const box = await grip.boundingBox();
  const width = (await page.locator('[data-lines]').boundingBox()).width;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x - width * 0.3, box.y + 60, { steps: 6 });
  await page.mouse.move(box.x - width * 0.8, box.y + 60, { steps: 8 });
  await page.mouse.up();
  const dragged = await read(page);
  expect(dragged[1]).toBeLessThan(inForce[0]);
  expect(dragged[0]).toBe(dragged[1]);
  await expect.poll(() => listed(page)).toBe(recount(inForce, dragged));
  await expect(page.locator('#follows')).toContainText(`Holding from ${dragged[1]} %`);
  await accessible(page);

  // By keys: each press moves by one, and typed is at once.
  await page.locator('#hold').focus();
  for (let i = 0; i < 4; i += 1) await page.keyboard.press('ArrowUp');
  await page.locator('#puzzle').fill('12');
  await page.locator('#hold').fill('64');
  const typed = await read(page);
  expect(typed).toEqual([12, 64, inForce[2]]);
  await expect.poll(() => listed(page)).toBe(recount(inForce, typed));
  // Out of order it is said, nothing is lost, and put right it goes on.
  await page.locator('#puzzle').fill('80');
  await expect(page.locator('#follows').getByRole('alert')).toContainText('do not stand in order');
  await expect(page.locator('#puzzle')).toHaveValue('80');
  await page.locator('#puzzle').fill('12');
  await expect(page.locator('#follows').getByRole('alert')).toHaveCount(0);

  // A reason that is being written stays while the lines are moved.
  await page.getByLabel('Why they lie there').fill('Half a');
  await page.locator('#hold').fill('63');
  await expect.poll(() => listed(page)).toBe(recount(inForce, [12, 63, inForce[2]]));
  await expect(page.getByLabel('Why they lie there')).toHaveValue('Half a');
  // Pressed at once, what is drawn is what stands in the fields, and not what was there before.
  await page.locator('#hold').fill('64');

  // Without a reason nothing is drawn; with one it holds from now on, and is dated in the margin.
  await page.getByRole('button', { name: 'Use these lines' }).click();
  await expect(page.getByRole('alert')).toContainText('15 to 500 characters');
  expect(await read(page)).toEqual(typed);
  await page.getByLabel('Why they lie there').fill('Few bots came, and nobody should wait.');
  await page.keyboard.press('Enter');
  await expect(page.getByText('These lines hold from now on')).toBeVisible();
  expect(await read(page)).toEqual(typed);
  await expect(page.getByRole('complementary', { name: 'Notes' })).toContainText('Few bots came, and nobody should wait.');
  expect(await listed(page)).toBe(0);
  // And back.
  for (const [i, name] of fields.entries()) await page.locator(`#${name}`).fill(String(inForce[i]));
  await page.getByLabel('Why they lie there').fill('As they were, for whoever comes next.');
  await page.getByRole('button', { name: 'Use these lines' }).click();
  await expect(page.getByText('These lines hold from now on')).toBeVisible();
  expect(await read(page)).toEqual(inForce);
});
