import { readFileSync } from 'node:fs';
import { CliError } from './cli-error.ts';

/** Largest file that is read as a recipe, bytes. */
const LARGEST_FILE = 2_000_000;

/** The text of a file, or of standard input for `-`. @throws CliError */
export function readText(file: string): string {
  let body: Buffer;
  try {
    body = readFileSync(file === '-' ? 0 : file);
  } catch {
    throw new CliError(`The file ${file} cannot be read.`, 'Check the name, or give - to read from standard input.');
  }
  if (body.length > LARGEST_FILE) throw new CliError('That is too much at once.', 'Give at most 2 MB of text.');
  return body.toString('utf8').replace(/^\uFEFF/, '');
}
