// Speed and size, each measured against something else in the same run.
import { join } from 'node:path';
import { bin, ensureBuilt, ensureInstalled, ROOT } from './ensure.mjs';

ensureInstalled({ forWork: true });
ensureBuilt();
let status = 0;
for (const name of [
  'recount',
  'search',
  'ways',
  'keystrokes',
  'keystrokes --taught',
  'reading',
  'first-load',
  'library',
  'first-start',
  'teach',
  'week',
]) {
  console.log(`\n${name}`);
  const [file, ...flags] = name.split(' ');
  status ||= bin(['tsx', 'dist', 'cli.mjs'], [join(ROOT, `bench/${file}.bench.ts`), ...flags]);
}
process.exit(status);
