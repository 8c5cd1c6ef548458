import { readFileSync } from 'node:fs';

/** What the command line reads from and writes to; a test stands in for the process. */
export interface Io {
  readonly stdin: () => Buffer;
  readonly out: (text: string) => void;
  readonly err: (text: string) => void;
  readonly env: Readonly<Record<string, string | undefined>>;
}

export const processIo: Io = {
  stdin: () => readFileSync(0),
  out: (text) => void process.stdout.write(`${text}\n`),
  err: (text) => void process.stderr.write(`${text}\n`),
  env: process.env,
};
