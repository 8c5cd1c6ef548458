import { type Unzipped, unzipSync, type Zippable, zipSync } from 'fflate';
import { invalid } from '../../core/errors.ts';
import { nestsTooDeep } from './json-nesting.ts';

/** What a whole household comes to at most, unpacked, bytes; more is a trap. */
const MOST_BYTES = 250_000_000;
/** So many files at most. */
const MOST_FILES = 30_000;
/** Every file of an archive has the same time: the same content is the same bytes. */
const NO_TIME = new Date(1980, 0, 1);

/** Packs files into an archive, in the order of their names: what is packed already is not packed again. */
export function pack(files: Readonly<Record<string, Uint8Array>>): Uint8Array {
  const entries: Zippable = {};
  for (const name of Object.keys(files).sort())
    entries[name] = [files[name]!, { mtime: NO_TIME, level: /\.(?:webp|png|jpe?g)$/.test(name) ? 0 : 6 }];
  return zipSync(entries);
}

/** Packs a book: the file that says what it is comes first, and is not packed (EPUB 3.3, Open Container Format). */
export function packEpub(files: ReadonlyMap<string, string>): Uint8Array {
  const entries: Zippable = {};
  for (const [name, text] of files)
    entries[name] = [Buffer.from(text, 'utf8'), { mtime: NO_TIME, level: name === 'mimetype' ? 0 : 6 }];
  return zipSync(entries);
}

/**
 * Unpacks the files of an archive that are wanted.
 *
 * @param wanted whether a name is one of what is looked for; nothing else is unpacked
 * @throws DomainError invalid for what is no archive, has paths that lead out of it, or unpacks to more than it may
 */
export function unpack(bytes: Uint8Array, wanted: (name: string) => boolean): Unzipped {
  let sum = 0;
  let count = 0;
  let trap: string | null = null;
  let files: Unzipped;
  try {
    files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        count++;
        if (/(?:^|[\\/])\.\.(?:[\\/]|$)|^[\\/]|^[a-z]:/i.test(name))
          trap ??= 'It has names of files that lead out of it.';
        if (!wanted(name) || trap !== null) return false;
        sum += originalSize;
        if (sum > MOST_BYTES || count > MOST_FILES) trap ??= 'It unpacks to far more than a household is.';
        return trap === null;
      },
    });
  } catch {
    throw invalid('This file cannot be unpacked.', 'It may be cut off: save it again where it comes from.');
  }
  if (trap !== null) throw invalid('This file is not taken in.', trap);
  return files;
}

/** Whether bytes begin as an archive does. */
export const isArchive = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b;

/** Reads bytes as text. @throws DomainError invalid where they are no UTF-8 */
function textOfBytes(bytes: Uint8Array): string {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    throw invalid('The letters of this file cannot be read.', 'Save it as UTF-8.');
  }
}

/** Reads bytes as JSON. @throws DomainError invalid where they are none, or nested without end */
export function jsonOfBytes(bytes: Uint8Array): unknown {
  if (nestsTooDeep(bytes)) throw invalid('This file is not taken in.', 'It is nested without end.');
  const text = textOfBytes(bytes);
  try {
    return JSON.parse(text);
  } catch {
    throw invalid('This file holds no JSON that can be read.', 'It may be cut off: save it again where it comes from.');
  }
}
