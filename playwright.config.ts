import { defineConfig } from '@playwright/test'
import { CHROMIUM } from './scripts/chromium.mjs'

export default defineConfig({
  testDir: 'tests/e2e',
  timeout: 90_000,
  expect: { timeout: 10_000 },
  // Each has a browser and a clipboard of its own; they share the server, and no paper.
  workers: 2,
  retries: 0,
  reporter: [['list']],
  use: {
    baseURL: 'http://127.0.0.1:4397',
    viewport: { width: 1280, height: 800 },
    launchOptions: CHROMIUM as object,
    permissions: ['clipboard-read', 'clipboard-write'],
    acceptDownloads: true,
    actionTimeout: 10_000,
  },
  webServer: {
    command: 'node scripts/e2e-server.mjs',
    url: 'http://127.0.0.1:4397/api/health',
    reuseExistingServer: false,
    timeout: 900_000,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
  },
})
