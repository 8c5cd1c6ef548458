import { fileURLToPath } from 'node:url';
import { Worker } from 'node:worker_threads';
import type { Logger } from 'pino';
import { keepRenewed, type Renewed } from './store/renewal.ts';
import type { StoreContext } from './store/scope.ts';

/** Counts what waits in a thread of its own, and writes it here, a few recipes at a time. */
export interface Renewer {
  /** There is something to count. */
  wake(): void;
  /** Kept when nothing waits any more. */
  idle(): Promise<void>;
  stop(): Promise<void>;
}

/** The thread ends when it had nothing to do for so long. */
const REST_MS = 5000;

/** The thread's program: built beside this one, or its source under a loader. */
function threadOf(file: string): Worker {
  const source = import.meta.url.endsWith('.ts');
  const program = new URL(source ? './renewal-thread.ts' : './renewal-thread.js', import.meta.url);
  return new Worker(fileURLToPath(program), {
    workerData: file,
    execArgv: source ? ['--import', 'tsx'] : [],
    // What it counts is small and soon forgotten: a larger nursery only keeps what nobody needs.
    resourceLimits: { maxYoungGenerationSizeMb: 8 },
  });
}

export function startRenewer(file: string, context: Omit<StoreContext, 'wakeRenewal'>, log: Logger): Renewer {
  const store: StoreContext = { ...context, wakeRenewal: () => {} };
  let thread: Worker | null = null;
  let busy = false;
  let again = false;
  let stopped = false;
  let rest: NodeJS.Timeout | undefined;
  let waiting: (() => void)[] = [];

  const done = (): void => {
    busy = false;
    if (again && !stopped) {
      wake();
      return;
    }
    for (const tell of waiting) tell();
    waiting = [];
    rest = setTimeout(() => {
      void thread?.terminate();
      thread = null;
    }, REST_MS);
    rest.unref();
  };
  const take = async (message: { renewed?: Renewed | null; failed?: string }): Promise<void> => {
    if (stopped) return;
    if (message.failed !== undefined) log.error({ why: message.failed }, 'recipes could not be counted anew');
    if (message.renewed == null) return done();
    try {
      await keepRenewed(store, message.renewed);
    } catch (e) {
      log.error({ err: e }, 'new counts could not be kept');
      return done();
    }
    // Requests that came in meanwhile get their turn before the next.
    setImmediate(() => thread?.postMessage('next'));
  };
  const wake = (): void => {
    if (stopped) return;
    again = busy;
    if (busy) return;
    busy = true;
    again = false;
    clearTimeout(rest);
    if (thread === null) {
      thread = threadOf(file);
      thread.on('message', (m) => void take(m));
      thread.on('error', (e) => {
        log.error({ err: e }, 'the counting thread ended');
        thread = null;
        done();
      });
      thread.unref();
    }
    thread.postMessage('next');
  };
  return {
    wake,
    idle: () => (busy ? new Promise((resolve) => waiting.push(resolve)) : Promise.resolve()),
    stop: async () => {
      stopped = true;
      clearTimeout(rest);
      await thread?.terminate();
    },
  };
}
