// Many journeys at once, with a mail server that refuses, puts off, falls silent and closes the line at random, and workers that are
// killed: no mail goes out twice, none is lost silently, and what nobody knows is listed.
import { expect, test } from '@playwright/test';
import { artisan, floodGate, kill, long, mailIds, mailServer, marks, pause, send, sql, waitForPart } from '../Browser/support.mjs';

const MANY = long ? 10_000 : 120;
const AT_ONCE = long ? 180 : 60;
const KILLS = long ? 3 : 1;

test.beforeAll(() => floodGate('open'));
test.afterAll(() => floodGate());

test(`${MANY} journeys, a mail server that fails at random, workers killed ${KILLS} times: none twice, none lost, the uncertain listed`, async () => {
  test.setTimeout(long ? 1_800_000 : 120_000);
  const run = (Date.now() % 1e9);
  const first = Number(sql('SELECT COALESCE(MAX(id), 0) FROM deliveries'));
  let left = true;
  // Whatever happens at a mail server, changing all the time; more often than not it takes what it gets.
  const weather = (async () => {
    const modes = ['accept', 'accept', 'accept', 'later', 'lost', 'refuse', 'unknown', 'silent'];
    while (left) {
      const mode = modes[Math.floor(Math.random() * modes.length)];
      await mailServer(mode);
      await pause(mode === 'silent' ? 200 : 700);
    }
    await mailServer('accept');
  })();
  const killing = (async () => {
    for (let i = 0; i < KILLS; i += 1) {
      await pause(long ? 20_000 : 4_000);
      kill(i % 2 === 0 ? 'worker' : 'worker2');
    }
  })();
  const seen = {};
  let next = 0;
  const one = async () => {
    for (let i = next; i < MANY; i = next) {
      next += 1;
      const given = await marks();
      // People take their time; screening holds whoever does not.
      await pause(2100);
      // Whoever is asked to press once more does so.
      let { status } = await send(`journey.${run}.${i}@post.example`, given);
      for (let press = 1; status !== 303 && press < 20; press += 1) {
        await pause(1000);
        ({ status } = await send(`journey.${run}.${i}@post.example`, given));
      }
      seen[status] = (seen[status] ?? 0) + 1;
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, one));
  await killing;
  expect(seen).toEqual({ 303: MANY });
  left = false;
  await weather;
  await waitForPart('worker');
  await waitForPart('worker2');
  // What was put off is due later; here it is due now, until nothing waits any more.
  const waiting = () => Number(sql(`SELECT COUNT(*) FROM deliveries WHERE id > ${first} AND state IN ('waiting', 'claimed')`));
  await expect.poll(() => {
    sql(`UPDATE deliveries SET due_at = UTC_TIMESTAMP(6), turn_at = UTC_TIMESTAMP(6) WHERE id > ${first} AND state = 'waiting'`);

    return waiting();
  }, { timeout: long ? 600_000 : 60_000, intervals: [2000] }).toBe(0);

  const arrived = new Map();
  for (const id of await mailIds()) arrived.set(id, (arrived.get(id) ?? 0) + 1);
  const rows = sql(`SELECT idempotency_key, state, COALESCE(problem, '') FROM deliveries WHERE id > ${first} AND kind = 'confirmation'`)
    .split('\n').map((line) => line.split('\t'));
  const by = {};
  const wrong = rows.filter(([key, state]) => {
    const times = arrived.get(key) ?? 0;
    by[state] = (by[state] ?? 0) + 1;

    return { sent: times !== 1, uncertain: times > 1, failed: times !== 0 }[state] ?? true;
  });
  console.log(JSON.stringify({ journeys: rows.length, ...by }));
  expect(rows.length).toBe(MANY);
  expect(wrong).toEqual([]);
  // Whatever failed says why; what there is no mailbox for has ended, and nothing of it is kept.
  expect(rows.filter(([, state, problem]) => state !== 'sent' && problem === '')).toEqual([]);
  const returned = rows.filter(([, , problem]) => problem === 'no-such-mailbox').length;
  const ended = `SELECT COUNT(*) FROM journeys JOIN deliveries ON journey = journeys.id WHERE deliveries.id > ${first}
    AND kind = 'confirmation' AND journeys.state =`;
  expect(Number(sql(`${ended} 'undeliverable'`))).toBe(returned);
  expect(Number(sql(`${ended} 'mailed'`))).toBe(by.sent ?? 0);
  artisan('ledger:seal');
  expect(JSON.parse(artisan('ledger:verify', '--json').out).faults).toEqual([]);
  expect(artisan('consent:rebuild', '--check').code).toBe(0);
});
