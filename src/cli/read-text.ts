import { readFileSync } from 'node:fs';
import { decodeText } from '../core/quantity/decode-text.ts';
import { CliError } from './cli-error.ts';
import { type Io, processIo } from './io.ts';

/** Largest file that is read as a recipe, bytes. */
const LARGEST_FILE = 2_000_000;

/** The text of a file, or of standard input for `-`. @throws CliError */
export function readText(file: string, io: Pick<Io, 'stdin'> = processIo): string {
  let body: Buffer;
  try {
    body = file === '-' ? io.stdin() : readFileSync(file);
  } catch {
    throw new CliError(`The file ${file} cannot be read.`, 'Check the name, or give - to read from standard input.');
  }
  if (body.length > LARGEST_FILE) throw new CliError('That is too much at once.', 'Give at most 2 MB of text.');
  const text = decodeText(body);
  if (text === null) throw new CliError(`The file ${file} is no text.`, 'Save it as plain text (UTF-8) first.');
  return text;
}
