import { existsSync } from 'node:fs';
import { type Browser, chromium } from 'playwright-core';

const HEADLESS = '/usr/bin/chromium-headless-shell';

/** Debian's Chromium, without a head. @param more what else it is started with */
export const launchBrowser = (...more: readonly string[]): Promise<Browser> =>
  chromium.launch({
    executablePath: existsSync(HEADLESS) ? HEADLESS : '/usr/bin/chromium',
    args: [
      '--headless',
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      ...more,
    ],
  });
