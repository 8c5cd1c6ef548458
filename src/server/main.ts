import { existsSync, readFileSync, rmSync } from 'node:fs';
import { createServer as createHttp, type Server } from 'node:http';
import { createServer as createHttps } from 'node:https';
import { hostname, networkInterfaces } from 'node:os';
import { dirname, join } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { fileURLToPath } from 'node:url';
import type { Express } from 'express';
import { pino } from 'pino';
import { databaseFile } from './backup.ts';
import { type Config, ConfigError, readConfig, shownHost } from './config.ts';
import { openDatabase } from './db/open.ts';
import { householdApp } from './http/app.ts';
import { cardsApp } from './http/cards-app.ts';
import { seedDemo } from './seed-demo.ts';
import { syncShippedFoods } from './store/foods.ts';
import { syncSamplePrograms } from './store/programs.ts';

const DIST = dirname(fileURLToPath(import.meta.url));

/** Starts both listeners and prints their addresses. Ends the process with a clear word when it cannot. */
export async function main(args: readonly string[], dist = DIST): Promise<void> {
  let config: Config;
  try {
    config = readConfig(process.env, ownNames());
  } catch (e) {
    if (e instanceof ConfigError) return stop(e.message);
    throw e;
  }
  if (args.includes('--fresh') && !(await throwAway(config, args.includes('--yes'))))
    return stop('Nothing was thrown away.');
  const file = databaseFile(config.dataDir);
  const isNew = !existsSync(file);
  const log = pino({
    level: process.env.LOG_LEVEL ?? 'warn',
    redact: ['req.headers.cookie', 'req.headers.authorization'],
  });
  const { db } = await openDatabase(file);
  const now = new Date().toISOString();
  await syncShippedFoods(db, now);
  await syncSamplePrograms(db, now);
  if (isNew) await seedDemo(db, () => new Date());

  const secure = config.tls !== null;
  const app = householdApp({
    db,
    publicUrl: config.publicUrl,
    clock: () => new Date(),
    hosts: config.hosts,
    passphrase: config.passphrase,
    secure,
    webDir: join(dist, 'web'),
    log,
  });
  const cards = cardsApp({ db, hosts: config.cardHosts, assetsDir: join(dist, 'card-assets'), log });
  let servers: Server[];
  try {
    servers = [await listen(app, config.port, config), await listen(cards, config.cardPort, config)];
  } catch (e) {
    await db.destroy();
    const busy = (e as NodeJS.ErrnoException).code === 'EADDRINUSE';
    return stop(
      busy
        ? `Port ${(e as { port?: number }).port} is taken. Stop what uses it, or set PORT and CARD_PORT.`
        : String((e as Error).message),
    );
  }
  const scheme = secure ? 'https' : 'http';
  const shown = shownHost(config.host, ownNames());
  const [a, b] = servers.map((s) => (s.address() as { port: number }).port);
  console.log(
    `Imbiss is ready.\n  The household:  ${scheme}://${shown}:${a}\n  Its cards:      ${config.publicUrl.replace(`:${config.cardPort}`, `:${b}`)}`,
  );
  const end = (): void => {
    for (const s of servers) s.close();
    for (const s of servers) s.closeAllConnections();
    void db.destroy().then(() => process.exit(0));
  };
  process.on('SIGTERM', end);
  process.on('SIGINT', end);
}

/** What other devices call this machine: its addresses first, then its name. */
function ownNames(): string[] {
  const addresses = Object.values(networkInterfaces()).flatMap((list) => list ?? []);
  const outside = addresses.filter((a) => !a.internal && a.family === 'IPv4').map((a) => a.address);
  return [...outside, hostname(), `${hostname()}.local`];
}

function listen(app: Express, port: number, config: Config): Promise<Server> {
  const server = config.tls
    ? createHttps({ cert: readFileSync(config.tls.cert), key: readFileSync(config.tls.key) }, app)
    : createHttp(app);
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, config.host, () => resolve(server));
  });
}

async function throwAway(config: Config, yes: boolean): Promise<boolean> {
  const file = databaseFile(config.dataDir);
  if (!existsSync(file)) return true;
  if (!yes) {
    if (!process.stdin.isTTY) {
      console.error(`--fresh would throw away ${file}. Nobody can answer here: add --yes to say so.`);
      return false;
    }
    const ask = createInterface({ input: process.stdin, output: process.stdout });
    const answer = await ask.question(`Throw away all recipes in ${config.dataDir} and start with the demo? (yes/no) `);
    ask.close();
    if (answer.trim().toLowerCase() !== 'yes') return false;
  }
  for (const end of ['', '-wal', '-shm']) rmSync(`${file}${end}`, { force: true });
  return true;
}

function stop(why: string): void {
  console.error(why);
  process.exitCode = 1;
}
