import { defineConfig } from '@playwright/test';

const OWN = 4181;
const DEMO = 4182;
const server = (port: number, more = '') => ({
  command: `node --import tsx server/main.ts ${more}`,
  url: `http://127.0.0.1:${port}/healthz`,
  env: { PORT: String(port) },
  reuseExistingServer: false,
  gracefulShutdown: { signal: 'SIGTERM' as const, timeout: 5000 },
});

/** The real interface in Debian's Chromium, as a phone holds it; one thing at a time. */
export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results',
  workers: 1,
  fullyParallel: false,
  forbidOnly: true,
  reporter: [['list']],
  // What fails once and then passes hides a fault: it is found instead.
  retries: 0,
  timeout: 240_000,
  // A machine at work may be slow to paint; what is wrong stays wrong.
  expect: { timeout: 30_000 },
  use: {
    baseURL: `http://127.0.0.1:${OWN}`,
    viewport: { width: 390, height: 844 },
    locale: 'en-GB',
    // Every test would fetch all of the app for later; what works without a connection is tested in offline.spec.ts.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  projects: [
    { name: 'checks', testMatch: '*.spec.ts' },
    { name: 'pictures', testMatch: 'pictures.ts', use: { baseURL: `http://127.0.0.1:${DEMO}` } },
  ],
  webServer: [server(OWN), server(DEMO, '--demo')],
});
