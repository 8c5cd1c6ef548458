import { existsSync, mkdirSync, rmSync } from 'node:fs';
import { hostname, networkInterfaces } from 'node:os';
import { dirname, join } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { fileURLToPath } from 'node:url';
import { type Logger, pino } from 'pino';
import { householdApp } from './app.ts';
import { databaseFile } from './backup.ts';
import { backUpByClock, backupNow } from './backups-by-clock.ts';
import { cardsApp } from './cards-app.ts';
import { changeHub } from './changes/change-hub.ts';
import { type Config, ConfigError, readConfig, shownHost } from './config.ts';
import { DatabaseTrouble, troubleWords } from './db/database-trouble.ts';
import { DatabaseInUse, type DatabaseLock, lockDatabase } from './db/lock.ts';
import { isBehind, openDatabase } from './db/open.ts';
import { closeAll, type Listener, listen } from './listen.ts';
import { prepareDatabase } from './prepare-database.ts';
import { type Renewer, startRenewer } from './renewer.ts';
import { seedDrawings } from './seed-drawings.ts';
import type { StoreContext } from './store/scope.ts';

const DIST = dirname(fileURLToPath(import.meta.url));
/** Answers that are on their way when the process is told to stop get so long. */
const STOP_WITHIN_MS = 5000;

/** A start that cannot be, in words that say what to do. */
class StartError extends Error {}

/**
 * Starts both listeners and prints their addresses. Ends the process with a clear word when it cannot. Ports and the
 * lock on the data come first: what is refused has changed nothing.
 */
export async function main(args: readonly string[], dist = DIST): Promise<void> {
  // Whatever is written is for its owner alone.
  process.umask(0o077);
  const log = pino({ level: process.env.LOG_LEVEL ?? 'warn' });
  const taken: { listeners: Listener[]; lock: DatabaseLock | null } = { listeners: [], lock: null };
  try {
    const config = readConfig(process.env, ownNames());
    for (const warning of config.warnings) console.error(warning);
    const file = databaseFile(config.dataDir);
    makeFolder(config.dataDir);
    await takePorts(config, taken.listeners);
    taken.lock = lockDatabase(config.dataDir, file);
    if (args.includes('--fresh') && !(await throwAway(config, args.includes('--yes'))))
      throw new StartError('Nothing was thrown away.');
    await run(config, file, taken.listeners, taken.lock, log, dist);
  } catch (e) {
    await closeAll(taken.listeners, 0);
    taken.lock?.release();
    console.error(startWords(e, log));
    process.exitCode = 1;
  }
}

async function run(
  config: Config,
  file: string,
  listeners: Listener[],
  lock: DatabaseLock,
  log: Logger,
  dist: string,
): Promise<void> {
  const clock = (): Date => new Date();
  if (existsSync(file) && isBehind(file)) await backupNow(config.dataDir, clock(), 'before-upgrade', log);
  const { db } = await openDatabase(file);
  await prepareDatabase(db, clock);
  const changes = changeHub();
  let renewer: Renewer | null = null;
  const context: StoreContext = {
    db,
    clock,
    publicUrl: config.publicUrl,
    changes,
    wakeRenewal: () => renewer?.wake(),
  };
  renewer = startRenewer(file, context, log);
  const { app, endStreams } = householdApp({
    ...context,
    hosts: config.hosts,
    passphrase: config.passphrase,
    secure: config.tls !== null,
    webDir: join(dist, 'web'),
    addresses: addressesOf(config, listeners[0]!.port),
    dataDir: config.dataDir,
    log,
  });
  const [household, cards] = listeners as [Listener, Listener];
  household.answerWith(app);
  cards.answerWith(cardsApp({ context, hosts: config.cardHosts, assetsDir: join(dist, 'card-assets'), log }));
  renewer.wake();
  const endBackups = backUpByClock(config.dataDir, context, log);
  const scheme = config.tls === null ? 'http' : 'https';
  const shown = shownHost(config.host, ownNames());
  console.log(
    `Imbiss is ready.\n  The household:  ${scheme}://${shown}:${household.port}\n  Its cards:      ${config.publicUrl.replace(`:${config.cardPort}`, `:${cards.port}`)}`,
  );
  seedDrawings(context).catch((e: unknown) => log.warn({ err: e }, 'the drawings of the demo were not made'));
  let ending = false;
  const end = async (): Promise<void> => {
    if (ending) return;
    ending = true;
    endBackups();
    endStreams();
    await closeAll(listeners, STOP_WITHIN_MS);
    await renewer?.stop();
    await db.destroy();
    lock.release();
    process.exit(0);
  };
  process.on('SIGTERM', () => void end());
  process.on('SIGINT', () => void end());
}

/** Where other devices reach the household: every address of this machine when it listens on all of them. */
function addressesOf(config: Config, port: number): string[] {
  const scheme = config.tls === null ? 'http' : 'https';
  const hosts = config.hosts.filter((h) => !['localhost', '127.0.0.1', '[::1]'].includes(h));
  return hosts.map((h) => `${scheme}://${h}:${port}`);
}

async function takePorts(config: Config, listeners: Listener[]): Promise<void> {
  for (const port of [config.port, config.cardPort]) {
    try {
      listeners.push(await listen(port, config));
    } catch (e) {
      const { code } = e as NodeJS.ErrnoException;
      if (code !== 'EADDRINUSE') throw e;
      throw new StartError(`Port ${port} is taken. Stop what uses it, or set PORT and CARD_PORT.`);
    }
  }
}

function makeFolder(dataDir: string): void {
  try {
    mkdirSync(dataDir, { recursive: true, mode: 0o700 });
  } catch (e) {
    throw new DatabaseTrouble(troubleWords(e, dataDir) ?? `${dataDir} cannot be used: ${String((e as Error).message)}`);
  }
}

/** Why it cannot start, without a trace of the inside. */
function startWords(e: unknown, log: Logger): string {
  if (e instanceof StartError || e instanceof ConfigError || e instanceof DatabaseInUse || e instanceof DatabaseTrouble)
    return e.message;
  log.debug({ err: e }, 'the start failed');
  return troubleWords(e, 'the data folder') ?? `Imbiss cannot start: ${String((e as Error).message ?? e)}`;
}

/** What other devices call this machine: its addresses first, then its name. */
function ownNames(): string[] {
  const addresses = Object.values(networkInterfaces()).flatMap((list) => list ?? []);
  const outside = addresses.filter((a) => !a.internal && a.family === 'IPv4').map((a) => a.address);
  return [...outside, hostname(), `${hostname()}.local`];
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
