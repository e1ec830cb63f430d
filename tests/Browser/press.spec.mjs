// A sheet is drawn anew while somebody goes on: no press lands elsewhere, and nothing that was chosen is chosen no more.
import { expect, test } from '@playwright/test';
import { signIn } from './support.mjs';

const saved = async (page) => {
  await expect(page.locator('#sheet-body[data-saving]')).toHaveCount(0);
};

test.beforeEach(async ({ page }) => {
  // What is saved comes back late, so that it is always drawn in the middle of what follows.
  await page.route('**/change', async (route) => { await new Promise((so) => { setTimeout(so, 500); }); await route.continue(); });
  await signIn(page, 'malin@tidewick.example');
  await page.goto('/points/season-ticket');
});

test('a press behind typing lands where it was made, though the sheet says that it saves', async ({ page }) => {
  const top = async () => (await page.locator('#at-countries').boundingBox()).y;
  await page.setViewportSize({ width: 390, height: 844 });
  await page.locator('#at-title-en').fill(`A ticket for a season ${Date.now() % 1000}`);
  // In the middle of the screen, on the first of its lines.
  const [x, y] = await page.locator('#at-countries').evaluate((summary) => {
    summary.scrollIntoView({ block: 'center' });
    const [line] = summary.getClientRects();
    return [line.x + line.width / 2, line.y + line.height / 2];
  });
  const before = await top();
  await page.mouse.move(x, y);
  await page.mouse.down();
  await expect(page.locator('#sheet-body[data-saving]')).toHaveCount(1);
  expect(await top()).toBe(before);
  await page.mouse.up();
  await expect(page.locator('#at-countries-NO')).toBeVisible();
  await saved(page);
  await expect(page.locator('#at-countries-NO')).toBeVisible();
});

test('a number that is chosen whole is replaced by what is typed, though the sheet is drawn anew in between', async ({ page }) => {
  const width = page.locator('#at-look-edge-width');
  const other = await width.inputValue() === '3' ? '2' : '3';
  await page.locator('#at-look-edges').selectOption({ index: 1 });
  await width.click();
  await page.keyboard.press('ControlOrMeta+a');
  await saved(page);
  await expect(width).toBeFocused();
  await page.keyboard.type(other);
  await page.keyboard.press('Tab');
  await saved(page);
  await page.reload();
  await expect(width).toHaveValue(other);
});
