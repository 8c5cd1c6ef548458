import type { Browser } from 'playwright-core';
import { inject } from 'vitest';
import { launchBrowser } from './launch-browser.ts';
import type { House } from './seeded-database.ts';

export interface SharedImbiss {
  /** The server's address. */
  readonly url: string;
  /** The address of the household's pages. */
  readonly home: string;
  /** The address of the household's API. */
  readonly api: string;
  readonly browser: Browser;
  stop(): Promise<void>;
}

/** The shared server, seen from one household of its own, and a browser. */
export async function sharedImbiss(house: House): Promise<SharedImbiss> {
  const url = inject('sharedUrl');
  const browser = await launchBrowser();
  return {
    url,
    home: `${url}/h/${house}`,
    api: `${url}/api/households/${house}`,
    browser,
    stop: () => browser.close(),
  };
}
