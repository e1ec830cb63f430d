import { defineConfig } from '@playwright/test';

if (!process.env.PORT || !process.env.JURAMEN_HOME) {
  throw new Error('Browser tests run against an instance: call bin/test, or set PORT, MAILBOX_PORT and JURAMEN_HOME.');
}
export default defineConfig({
  outputDir: `${process.env.JURAMEN_HOME}/browser-results`,
  timeout: 120_000,
  workers: 1,
  reporter: [['list'], ['json', { outputFile: `${process.env.JURAMEN_HOME}/browser.json` }]],
  // Attacks leave an instance with traces; they come last.
  projects: [{ name: 'browser', testDir: '.' }, { name: 'attack', testDir: '../Attack' }],
  use: {
    baseURL: `http://127.0.0.1:${process.env.PORT}`,
    viewport: { width: 1280, height: 800 },
    timezoneId: 'Europe/Berlin',
    locale: 'en-GB',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
    },
  },
});
