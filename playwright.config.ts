import { defineConfig } from '@playwright/test'

export default defineConfig({
  testDir: 'tests/e2e',
  workers: 2,
  // a busy machine is slow, and slow is not wrong
  timeout: 120_000,
  expect: { timeout: 20_000 },
  // a browser on a machine shared with others: what passes only at the second try is named with its first error
  retries: 1,
  outputDir: 'test-results',
  use: {
    baseURL: process.env.FAIR_TIN_ADDRESS ?? 'http://127.0.0.1:3210',
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
})
