import { defineConfig } from '@playwright/test';

if (!process.env.PORT || !process.env.JURAMEN_HOME) {
  throw new Error('Browser tests run against an instance: call bin/test, or set PORT, MAILBOX_PORT and JURAMEN_HOME.');
}
const project = process.argv.find((argument) => argument.startsWith('--project='))?.slice('--project='.length) ?? 'all';
export default defineConfig({
  outputDir: `${process.env.JURAMEN_HOME}/browser-results`,
  // What is asked for comes; how soon is the business of those tests that say so.
  expect: { timeout: 12_000 },
  timeout: process.env.LONG === '1' ? 900_000 : 120_000,
  // On a busy machine one may stumble: it is tried once more, and bin/test says which, counts them, and fails for more than two.
  retries: 1,
  workers: 1,
  // What bin/test --long alone takes.
  grepInvert: process.env.LONG === '1' ? undefined : /@long/,
  reporter: [['list'], ['json', { outputFile: `${process.env.JURAMEN_HOME}/${project}${process.env.PART ?? ''}.json` }]],
  // What breaks things on purpose leaves an instance with traces, and has one of its own; floods and figures of time need a quiet machine
  // and come last.
  testDir: '..',
  projects: [
    { name: 'office', testMatch: /Browser\/(accounts|audit|notes|office|phone|press|whole-path|wording)\.spec\.mjs$/ },
    // Fields come behind what breaks, so that both instances are done at about the same time.
    {
      name: 'faults',
      testMatch: [
        /Browser\/(after-sending|crash|destination|fields|inventory|held|known-people|lines|mails|pages|puzzle|versions)\.spec\.mjs$/,
        /Attack\/(doors|faults)\.spec\.mjs$/,
      ],
    },
    // In any order, and so in shards: each of its tests begins with the same database.
    { name: 'walk', testMatch: /Browser\/walk\.spec\.mjs$/, fullyParallel: true, use: { actionTimeout: 10_000 } },
    { name: 'quiet', testMatch: [/Browser\/typing\.spec\.mjs$/, /Attack\/(flood|journeys)\.spec\.mjs$/] },
  ],
  use: {
    baseURL: `http://127.0.0.1:${process.env.PORT}`,
    viewport: { width: 1280, height: 800 },
    timezoneId: 'Europe/Berlin',
    locale: 'en-GB',
    launchOptions: {
      executablePath: '/usr/bin/chromium-headless-shell',
      args: [
        '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
