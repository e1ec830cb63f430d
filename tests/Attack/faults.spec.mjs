// A database that goes away under a worker with a mail in hand; a killed master; parts that die as they start.
import { expect, test } from '@playwright/test';
import {
  artisan, floodGate, holdDown, kill, letUp, mails, mailServer, marks, pause, pid, send, site, sql, waitForMails, waitForPart,
} from '../Browser/support.mjs';

const name = (test, i = 0) => `${test}.${i}.${(Date.now() % 1e9)}@post.example`;

test.beforeAll(() => floodGate('open'));
test.afterAll(() => floodGate());

test('MariaDB is killed under a mail in hand: it ends as sent, in the ledger too, and the next goes out once', { tag: '@long' }, async () => {
  test.setTimeout(120_000);
  const emails = [0, 1, 2].map((i) => name('outage', i));
  const given = await Promise.all(emails.map(() => marks()));
  await mailServer('delay', 2);
  await pause(2100);
  const mailOf = () => sql('SELECT state FROM deliveries ORDER BY id DESC LIMIT 1');
  const sentEntries = () => Number(sql("SELECT COUNT(*) FROM juramen_ledger.entries WHERE kind = 'confirmation-sent'"));
  const before = sentEntries();
  expect((await send(emails[0], given[0])).status).toBe(303);
  await expect.poll(mailOf, { timeout: 10_000 }).toBe('claimed');
  // It is at the mail server now; the database goes while nobody looks, and is away when the outcome is to be written down.
  holdDown('mariadb');
  kill('mariadb');
  await pause(3000);
  letUp('mariadb');
  await waitForPart('mariadb');
  await mailServer('accept');
  await expect.poll(mailOf, { timeout: 20_000 }).toBe('sent');
  expect(sentEntries()).toBe(before + 1);
  // The same workers, with the connections they have now.
  for (const i of [1, 2]) {
    expect((await send(emails[i], given[i])).status).toBe(303);
    await waitForMails(emails[i], 1);
    await expect.poll(mailOf, { timeout: 10_000 }).toBe('sent');
  }
  await pause(1500);
  expect(await Promise.all(emails.map(async (email) => (await mails(email)).length))).toEqual([1, 1, 1]);
  expect(sentEntries()).toBe(before + 3);
  artisan('ledger:seal');
  expect(JSON.parse(artisan('ledger:verify', '--json').out).faults).toEqual([]);
});

test('the master of php-fpm is killed alone: what it leaves holds nothing up', async () => {
  const old = pid('fpm');
  process.kill(old, 'SIGKILL');
  await expect.poll(() => pid('fpm') !== old, { timeout: 10_000 }).toBe(true);
  await waitForPart('fpm');
  await expect.poll(async () => fetch(`${site}/login`).then((answer) => answer.status, () => 0), { timeout: 15_000 }).toBe(200);
  await pause(1000);
  expect(pid('fpm'), 'it does not start again and again').toBe(pid('fpm'));
  expect((await fetch(`${site}/forms/footer-newsletter/en`)).status).toBe(200);
});

test('MariaDB dies as it starts: it is started again, the other parts go on', async () => {
  test.setTimeout(90_000);
  const others = ['nginx', 'fpm', 'mailbox'].map(pid);
  let old = pid('mariadb');
  process.kill(old, 'SIGKILL');
  for (let i = 0; i < 2; i += 1) {
    await expect.poll(() => pid('mariadb') !== old, { timeout: 20_000, intervals: [20] }).toBe(true);
    old = pid('mariadb');
    process.kill(old, 'SIGKILL');
  }
  // A published form needs no database.
  expect((await fetch(`${site}/forms/footer-newsletter/en`)).status).toBe(200);
  await waitForPart('mariadb');
  await expect.poll(async () => fetch(`${site}/up`).then((answer) => answer.status, () => 0), { timeout: 30_000 }).toBe(200);
  expect(['nginx', 'fpm', 'mailbox'].map(pid)).toEqual(others);
});
