// Debian's Chromium without a screen, for scripts that are run by hand against a running application.
import { createRequire } from 'node:module'

const { chromium } = createRequire(new URL('e2e/package.json', import.meta.url))('@playwright/test')

export const launch = () =>
  chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--use-angle=swiftshader',
      '--enable-unsafe-swiftshader',
      '--ignore-gpu-blocklist',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  })
