// Figures of time are taken while nothing else runs.
import { expect, test } from '@playwright/test';
import { long, signIn } from './support.mjs';

test('in a text of 2,000 characters the notes follow the typing within 300 ms, at most 600 on a busy machine', async ({ page }) => {
  await signIn(page);
  await page.goto('/records/statement/island-walks');
  const field = page.locator('#at-texts-en');
  const words = 'Yes, Tidewick Ferries may email me its new sailings and fares once a month. ';
  await field.fill(`${words.repeat(27).slice(0, 1990)}.`);
  await page.waitForTimeout(1500);
  const times = [];
  for (let i = 0; i < 5; i++) {
    await page.evaluate(() => {
      const began = performance.now();
      window.noted = new Promise((done) => new MutationObserver((changes, observer) => {
        if (changes.some((c) => [...c.addedNodes].some((n) => ['margin', 'judged'].includes(n.id)))) { observer.disconnect(); done(performance.now() - began); }
      }).observe(document.getElementById('sheet-body'), { childList: true, subtree: true }));
    });
    await field.press('End');
    await field.press(i % 2 ? 'x' : 'y');
    times.push(await page.evaluate(() => window.noted));
    await page.waitForTimeout(400);
  }
  console.log(`notes after ${times.map((t) => Math.round(t)).join(', ')} ms`);
  // Whatever else the machine does adds to it, and takes nothing away; where nothing else may run, the figure itself is held.
  expect(Math.min(...times)).toBeLessThan(long ? 300 : 600);
  await page.getByRole('button', { name: /^Undo/ }).isEnabled();
});
