import { type Browser, chromium } from 'playwright-core';

/** Debian's Chromium, without a head. @param more what else it is started with */
export const launchBrowser = (...more: readonly string[]): Promise<Browser> =>
  chromium.launch({
    executablePath: '/usr/bin/chromium-headless-shell',
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
