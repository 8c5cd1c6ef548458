import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';

/** The states that databases of earlier releases are in, each made by the migrations up to its name, with a household's rows. */
export const OLD_DATABASES = [
  '0001-first',
  '0002-pantry',
  '0003-verdicts',
  '0004-swaps-and-feasts',
  '0005-ground',
  '0006-region',
  '0007-facts',
  '0008-dish',
  '0009-hand',
  '0010-programs',
  '0012-dish-up',
  '0013-kinds-of-boxes',
  '0014-at-the-stove',
  '0015-week',
  '0016-prep',
] as const;
export type OldDatabase = (typeof OLD_DATABASES)[number];

/** Lays an old database down as a file. */
export function layDown(name: OldDatabase, file: string): void {
  writeFileSync(file, gunzipSync(readFileSync(join(import.meta.dirname, `../data/databases/${name}.db.gz`))));
}
