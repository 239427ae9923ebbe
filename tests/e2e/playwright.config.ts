import { defineConfig } from '@playwright/test'

// One application for each worker, or the one that runs.
const applications = (process.env.DATURA_URLS ?? process.env.DATURA_URL ?? 'http://127.0.0.1:5180')
  .trim()
  .split(/\s+/)

export default defineConfig({
  testDir: '.',
  testMatch: '*.spec.ts',
  outputDir: '../../.build/test/e2e',
  workers: applications.length,
  // A real fault fails twice.
  retries: 1,
  // Long, since a busy machine may stand still for seconds: what passes does not wait for it, what never comes fails all the same.
  timeout: 300_000,
  expect: { timeout: 60_000 },
  use: {
    baseURL: applications[Number(process.env.TEST_PARALLEL_INDEX ?? 0) % applications.length],
    viewport: { width: 1280, height: 800 },
    // Half as many pixels each way: software rendering takes a quarter of the time, and clicks stay where they are.
    deviceScaleFactor: 0.5,
    acceptDownloads: true,
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--use-angle=swiftshader',
        '--enable-unsafe-swiftshader',
        '--ignore-gpu-blocklist',
        '--disable-gpu-compositing',
        // Smoothed edges cost software rendering two thirds of its time, and no test looks at them.
        '--webgl-antialiasing-mode=none',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
})
