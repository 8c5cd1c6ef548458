import { type ChildProcess, spawn } from 'node:child_process';
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type Browser, chromium } from 'playwright-core';

import { SEEDED } from './seeded-database.ts';

const ROOT = join(import.meta.dirname, '../..');

export interface RunningImbiss {
  readonly url: string;
  readonly cardUrl: string;
  readonly dataDir: string;
  readonly browser: Browser;
  /** What the process printed. */
  readonly output: () => string;
  restart(): Promise<void>;
  stop(): Promise<void>;
}

/** Starts Imbiss as a user does, over a new data folder, and a browser. */
export async function startImbiss(port: number, env: Readonly<Record<string, string>> = {}): Promise<RunningImbiss> {
  const dataDir = mkdtempSync(join(tmpdir(), 'imbiss-e2e-'));
  // A copy of the database that was seeded once for all files: each has its own, and none waits for the demo.
  copyFileSync(SEEDED, join(dataDir, 'imbiss.db'));
  let child: ChildProcess;
  let printed = '';
  const url = `${env.TLS_CERT ? 'https' : 'http'}://localhost:${port}`;
  const start = async () => {
    printed = '';
    child = spawn(process.execPath, [join(ROOT, 'scripts/start.mjs')], {
      cwd: ROOT,
      env: { ...process.env, PORT: String(port), CARD_PORT: String(port + 1), IMBISS_DATA: dataDir, ...env },
    });
    child.stdout!.on('data', (d) => (printed += d));
    child.stderr!.on('data', (d) => (printed += d));
    for (let i = 0; i < 200; i++) {
      if (printed.includes('Its cards:')) return;
      await new Promise((r) => setTimeout(r, 100));
    }
    throw new Error(`Imbiss did not start: ${printed}`);
  };
  const end = () =>
    new Promise<void>((resolve) => {
      child.once('exit', () => resolve());
      child.kill('SIGTERM');
    });
  await start();
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: [
      '--headless',
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  });
  return {
    url,
    cardUrl: `http://localhost:${port + 1}`,
    dataDir,
    browser,
    output: () => printed,
    restart: async () => {
      await end();
      await start();
    },
    stop: async () => {
      await browser.close();
      await end();
      rmSync(dataDir, { recursive: true, force: true });
    },
  };
}
