// What is accepted stays accepted and no mail goes out twice, whatever is killed (kill -9), over the real socket.
import { expect, test } from '@playwright/test';
import http from 'node:http';
import { artisan, consents, floodGate, holdDown, kill, letUp, mails, mailServer, marks, pause, pid, send, signIn, sql, waitForPart } from './support.mjs';

const name = (test, i) => `${test}.${i}.${(Date.now() % 1e9)}@post.example`;

// The demo leaves one mail uncertain; here only what these tests cause shall count.
test.beforeAll(() => {
  floodGate('open');
  sql("UPDATE deliveries SET state = 'failed' WHERE state = 'uncertain'");
});
test.afterAll(() => floodGate());

test.afterEach(async () => {
  await mailServer('accept');
  for (const part of ['worker', 'worker2', 'fpm', 'mariadb']) letUp(part);
  for (const part of ['mariadb', 'fpm', 'worker', 'worker2']) await waitForPart(part);
});

async function everyMailOnce(emails) {
  for (const email of emails) {
    await expect.poll(async () => (await mails(email)).length, { timeout: 30_000, message: `one mail to ${email}` }).toBe(1);
  }
}

function whole() {
  artisan('ledger:seal');
  expect(JSON.parse(artisan('ledger:verify', '--json').out).faults).toEqual([]);
  expect(artisan('consent:rebuild', '--check').code).toBe(0);
}

const workers = ['worker', 'worker2'];

test('the workers are killed between accept and mail: the mail goes out once they are back', { tag: '@long' }, async () => {
  workers.forEach(holdDown);
  workers.forEach(kill);
  const emails = [0, 1, 2].map((i) => name('before', i));
  const given = await Promise.all(emails.map(() => marks()));
  await pause(2100);
  for (const [i, email] of emails.entries()) expect((await send(email, given[i])).status).toBe(303);
  await pause(1000);
  for (const email of emails) expect(await mails(email)).toEqual([]);
  workers.forEach(letUp);
  await everyMailOnce(emails);
  await pause(1500);
  await everyMailOnce(emails);
  whole();
});

test('the workers are killed, one with a mail in hand: it is listed as uncertain and not sent again', async ({ page }) => {
  // Whoever was killed before may have had another in hand, and others may wait that a worker would take up beside this one.
  await expect.poll(() => sql("SELECT COUNT(*) FROM deliveries WHERE state IN ('waiting', 'claimed')"), { timeout: 30_000 }).toBe('0');
  sql("UPDATE deliveries SET state = 'failed' WHERE state = 'uncertain'");
  await mailServer('delay', 4);
  const email = name('inhand', 0);
  const given = await marks();
  await pause(2100);
  expect((await send(email, given)).status).toBe(303);
  await expect.poll(() => sql("SELECT COUNT(*) FROM deliveries WHERE state = 'claimed'"), { timeout: 10_000 }).toBe('1');
  await pause(1000);
  workers.forEach(kill);
  await mailServer('accept');
  await everyMailOnce([email]);
  await expect.poll(() => sql("SELECT COUNT(*) FROM deliveries WHERE state = 'uncertain'"), { timeout: 30_000 }).toBe('1');
  for (const worker of workers) await waitForPart(worker);
  await pause(3000);
  await everyMailOnce([email]);
  await signIn(page);
  await page.goto('/mails');
  await expect(page.getByRole('table')).toContainText('The worker stopped with this mail in hand');
  await expect(page.getByRole('table')).not.toContainText(email);
  sql("UPDATE deliveries SET state = 'failed' WHERE state = 'uncertain'");
  whole();
});

for (const [part, tag] of [['fpm', '@long'], ['mariadb', []]]) {
  test(`${part} is killed in the middle of many sign-ups: what was accepted is there, the rest can be sent again`, { tag }, async () => {
    const emails = Array.from({ length: 40 }, (_, i) => name(part, i));
    const given = await Promise.all(emails.map(() => marks()));
    await pause(2100);
    const victim = part === 'fpm' ? pid('fpm') : null;
    // Killed shortly after the first was accepted, however quick the machine is, with most still on their way.
    const each = emails.map(async (email, i) => { await pause(i * 15); return send(email, given[i]); });
    const sent = Promise.all(each);
    await Promise.any(each.map(async (one) => { if ((await one).status !== 303) throw new Error('not accepted'); }));
    await pause(60);
    // For php-fpm the workers too: the master alone would leave them to finish.
    if (victim) process.kill(-victim, 'SIGKILL'); else kill(part);
    const answers = await sent;
    const accepted = emails.filter((_, i) => answers[i].status === 303);
    const refused = emails.filter((_, i) => answers[i].status !== 303);
    expect(accepted.length, 'some were accepted before').toBeGreaterThan(0);
    expect(refused.length, 'some were refused').toBeGreaterThan(0);
    for (const { status, text } of answers) {
      expect([303, 502, 503, 504, 0]).toContain(status);
      expect(text).not.toMatch(/SQLSTATE|Stack trace|#0 /);
    }
    await waitForPart(part);
    await expect.poll(async () => (await fetch(`http://127.0.0.1:${process.env.PORT}/up`)).status, { timeout: 20_000 }).toBe(200);
    expect(consents(accepted)).toEqual(accepted.map(() => 1));

    // The same pages sent once more: the refused are taken now; an accepted one changes nothing.
    for (const email of [...refused, accepted[0]]) expect((await send(email, given[emails.indexOf(email)])).status).toBe(303);
    expect(consents(emails)).toEqual(emails.map(() => 1));
    await expect.poll(() => sql("SELECT COUNT(*) FROM deliveries WHERE state IN ('waiting', 'claimed')"), { timeout: 40_000 }).toBe('0');
    const uncertain = Number(sql("SELECT COUNT(*) FROM deliveries WHERE state = 'uncertain'"));
    const counts = await Promise.all(emails.map(async (email) => (await mails(email)).length));
    expect(counts.filter((n) => n > 1), 'nothing is sent twice').toEqual([]);
    expect(counts.filter((n) => n === 0).length, 'whatever did not arrive is listed as uncertain').toBeLessThanOrEqual(uncertain);
    sql("UPDATE deliveries SET state = 'failed' WHERE state = 'uncertain'");
    whole();
  });
}

test('200 sign-ups at once from 20 connections: each is in the ledger once, chains whole, tree verified', { tag: '@long' }, async () => {
  test.setTimeout(180_000);
  // Two people send four pages each, the others one.
  const people = [name('crowd', 'a'), name('crowd', 'b')];
  const emails = Array.from({ length: 200 }, (_, i) => (i < 8 ? people[i % 2] : name('crowd', i)));
  const given = await Promise.all(emails.map(() => marks()));
  await pause(2100);
  const agents = Array.from({ length: 20 }, () => new http.Agent({ keepAlive: true, maxSockets: 1 }));
  const before = Number(sql('SELECT COUNT(*) FROM juramen_ledger.entries WHERE kind = \'given\''));
  const answers = await Promise.all(emails.map((email, i) => send(email, given[i], agents[i % 20])));
  agents.forEach((agent) => agent.destroy());
  expect(answers.map((a) => a.status)).toEqual(emails.map(() => 303));
  expect(Number(sql('SELECT COUNT(*) FROM juramen_ledger.entries WHERE kind = \'given\'')) - before).toBe(200);
  expect(sql("SELECT COUNT(*) FROM (SELECT subject, sequence FROM juramen_ledger.entries GROUP BY 1, 2 HAVING COUNT(*) > 1) x")).toBe('0');
  whole();
  expect(sql(`SELECT COUNT(*) FROM juramen_ledger.entries e LEFT JOIN juramen_ledger.leaves l ON l.position = e.position
    WHERE l.leaf IS NULL AND e.recorded < NOW() - INTERVAL 30 SECOND`)).toBe('0');
  await expect.poll(() => sql("SELECT COUNT(*) FROM deliveries WHERE state IN ('waiting', 'claimed')"), { timeout: 90_000 }).toBe('0');
  expect((await mails(emails[150])).length).toBe(1);
});
