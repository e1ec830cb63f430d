// What is held is decided by keys and by mouse, at the speed of an officer who knows them, and undone; weights are adopted by what was decided.
import { expect, test } from '@playwright/test';
import { accessible, signIn, sql } from './support.mjs';

const decided = () => sql("SELECT COALESCE(GROUP_CONCAT(decided ORDER BY id), '') FROM held_submissions WHERE decided IS NOT NULL");
const at = (page) => page.evaluate(() => document.activeElement.dataset?.held ?? document.activeElement.dataset?.undoes ?? document.activeElement.tagName);

test.beforeAll(() => {
  // Beside what the application has, and kept for a second try.
  sql('CREATE DATABASE IF NOT EXISTS kept_aside');
  sql('CREATE TABLE IF NOT EXISTS kept_aside.held AS SELECT * FROM held_submissions WHERE decided IS NULL');
});

/** More than the demo has, so that keys do not run out; their content is another's, copied. */
function fill() {
  // What was carried out in a test before is there again.
  sql('REPLACE INTO held_submissions SELECT * FROM kept_aside.held');
  sql(`INSERT INTO held_submissions (point_edition_id, language, how, content, signals, received_at, deleted_at)
    SELECT point_edition_id, language, how, content, 
      CONCAT('trap-touched ', ELT(seq, 'link-in-name', 'all-optional', 'many-links', 'random-name', 'random-address', 'too-fast', 'spam-text', 'x')),
      received_at - INTERVAL seq HOUR, deleted_at
    FROM held_submissions JOIN seq_1_to_8 WHERE signals LIKE 'trap-touched%' ORDER BY held_submissions.id LIMIT 8`);
}

test('by keys: one after the other without waiting, a group at once, and undone', async ({ page }) => {
  fill();
  await signIn(page);
  await page.goto('/held');
  await accessible(page);
  const rows = page.locator('tr[data-held]');
  const first = await rows.first().getAttribute('data-held');
  for (let i = 0; i < 40 && (await at(page)) !== first; i += 1) await page.keyboard.press('Tab');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowUp');
  expect(await at(page)).toBe(first);
  // The first is a group of alike ones; what it is and why stands in the margin.
  expect(first.split(' ').length).toBeGreaterThan(2);
  await expect(page.locator('[data-because]:visible')).toHaveCount(1);
  await page.keyboard.press('r');
  await page.keyboard.press('a');
  await page.keyboard.press('r');
  await expect.poll(decided).toMatch(/accept/);
  await expect.poll(() => decided().split(',').length).toBeGreaterThan(first.split(' ').length + 1);
  await expect(page.locator('.decided li')).toHaveCount(decided().split(',').length);
  // The last is taken back, and the one before it.
  await page.keyboard.press('z');
  await page.keyboard.press('z');
  await expect.poll(decided).not.toMatch(/accept/);
  // When all is decided, the last is still taken back by its key, and one stands at it.
  for (let i = 0; i < 60 && (await rows.count()) > 0; i += 1) { await page.keyboard.press('a'); await page.waitForTimeout(60); }
  await expect(page.getByText('Nothing waits.')).toBeVisible();
  await page.keyboard.press('z');
  await expect(rows).not.toHaveCount(0);
  // Where one was, one is; a letter typed elsewhere decides nothing.
  expect(await at(page)).toMatch(/^\d/);
  const before = decided();
  await page.getByRole('link', { name: 'CSV, without addresses' }).focus();
  await page.keyboard.press('r');
  await page.keyboard.press('a');
  await page.waitForTimeout(400);
  expect(decided()).toBe(before);
});

test('by mouse: accepted, undone, refused, and seen as carried out; what does not arrive waits as before', async ({ page, context }) => {
  fill();
  await signIn(page);
  await page.goto('/held');
  const row = page.locator('tbody:not(.alike) tr[data-held]').first();
  const id = await row.getAttribute('data-held');
  await row.getByRole('button', { name: /^Accept/ }).click();
  await page.locator(`[data-undoes="${id}"]`).click();
  await expect(page.locator(`tr[data-held="${id}"]`)).toBeVisible();
  expect(sql(`SELECT decided IS NULL FROM held_submissions WHERE id = ${id}`)).toBe('1');
  await page.locator(`tr[data-held="${id}"]`).getByRole('button', { name: /^Refuse/ }).click();
  await expect(page.locator(`[data-undoes="${id}"]`)).toBeVisible();
  await expect.poll(() => sql(`SELECT COUNT(*) FROM held_submissions WHERE id = ${id}`), { timeout: 70_000 }).toBe('0');
  await expect(page.locator(`[data-undoes="${id}"]`)).toHaveCount(0, { timeout: 15_000 });
  // Signed out meanwhile: nothing is lost, and it is said.
  await context.clearCookies();
  const next = page.locator('tr[data-held]').first();
  const ids = (await next.getAttribute('data-held')).split(' ');
  await next.getByRole('button', { name: /^Refuse/ }).click();
  await expect(page.locator('#held-said')).toContainText('it waits as before');
  expect(sql(`SELECT COUNT(*) FROM held_submissions WHERE id IN (${ids.join(',')}) AND decided IS NULL`)).toBe(String(ids.length));
});

test('weights are seen before and after, adopted with a reason, and ours come back', async ({ page }) => {
  await signIn(page);
  await page.goto('/screening/weights');
  await accessible(page);
  await page.getByRole('button', { name: 'Use the estimate' }).click();
  await expect(page.getByRole('alert')).toContainText('15 to 500 characters');
  await page.getByLabel('Why these weights').fill('Browsers fill in the trap for people here.');
  await page.getByRole('button', { name: 'Use the estimate' }).click();
  await expect(page.getByRole('status')).toContainText('hold from now on');
  await expect(page.getByText(/those hold that were learned from/)).toBeVisible();
  await page.getByLabel('Why these weights').fill('Ours again, after the trial.');
  await page.getByRole('button', { name: 'Ours again' }).click();
  await expect(page.getByText(/Ours hold again since/)).toBeVisible();
});
