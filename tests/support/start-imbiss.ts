import { type ChildProcess, spawn } from 'node:child_process';
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Browser } from 'playwright-core';
import { launchBrowser } from './launch-browser.ts';
import { SEEDED } from './seeded-database.ts';

const ROOT = join(import.meta.dirname, '../..');

export interface RunningServer {
  readonly url: string;
  readonly cardUrl: string;
  /** What the process printed. */
  readonly output: () => string;
  restart(): Promise<void>;
  stop(): Promise<void>;
}

export interface RunningImbiss extends RunningServer {
  readonly browser: Browser;
}

/** Starts Imbiss as a user does, over a data folder of its own, and a browser. */
export async function startImbiss(port: number, env: Readonly<Record<string, string>> = {}): Promise<RunningImbiss> {
  const server = await startServer(port, env);
  const browser = await launchBrowser();
  return {
    ...server,
    browser,
    stop: async () => {
      await browser.close();
      await server.stop();
    },
  };
}

/** Starts the server as a user does, over a copy of the seeded database in a new data folder. */
export async function startServer(port: number, env: Readonly<Record<string, string>> = {}): Promise<RunningServer> {
  const dataDir = mkdtempSync(join(tmpdir(), 'imbiss-e2e-'));
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
    for (let i = 0; i < 1200; i++) {
      if (printed.includes('Its cards:')) return;
      await new Promise((r) => setTimeout(r, 100));
    }
    child.kill();
    throw new Error(`Imbiss did not start: ${printed}`);
  };
  const end = () =>
    new Promise<void>((resolve) => {
      child.once('exit', () => resolve());
      child.kill('SIGTERM');
    });
  await start();
  return {
    url,
    cardUrl: `http://localhost:${port + 1}`,
    output: () => printed,
    restart: async () => {
      await end();
      await start();
    },
    stop: async () => {
      await end();
      rmSync(dataDir, { recursive: true, force: true });
    },
  };
}
