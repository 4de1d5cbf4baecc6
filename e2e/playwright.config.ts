import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { defineConfig } from '@playwright/test';

/** A port that nothing else of this project uses, so that a running application is left alone. */
const PORT = 4791;
// the configuration is read again in every worker: the first to come makes the folder and names it to the others
process.env['HODSMAN_E2E_DATA'] ??= mkdtempSync(join(tmpdir(), 'hodsman-e2e-'));

export default defineConfig({
  testDir: import.meta.dirname,
  workers: 1,
  timeout: 90_000,
  expect: { timeout: 10_000 },
  reporter: [
    ['list'],
    ['json', { outputFile: process.env['HODSMAN_E2E_REPORT'] ?? join(tmpdir(), 'hodsman-e2e.json') }],
  ],
  outputDir: '../test-results',
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    // its people measure in °C, cm, g and by 24 hours, as nearly all tests read
    locale: 'en-IE',
    launchOptions: { executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] },
  },
  webServer: {
    command: 'node ../scripts/start.mjs',
    url: `http://127.0.0.1:${PORT}/api/health`,
    timeout: 180_000,
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 20_000 },
    env: {
      HODSMAN_DATA: process.env['HODSMAN_E2E_DATA'],
      PORT: String(PORT),
      HOST: '127.0.0.1',
      HODSMAN_DATABASE_URL: '',
    },
  },
});
