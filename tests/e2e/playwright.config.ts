import { defineConfig } from '@playwright/test'

export default defineConfig({
  testDir: '.',
  testMatch: '*.spec.ts',
  outputDir: '../../.build/test/e2e',
  workers: 1,
  // Software rendering on a busy machine can be late once; a real fault fails twice.
  retries: 1,
  timeout: 60_000,
  expect: { timeout: 15_000 },
  use: {
    baseURL: process.env.DATURA_URL ?? 'http://127.0.0.1:5180',
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
