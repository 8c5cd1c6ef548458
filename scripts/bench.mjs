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
  'reading',
  'first-load',
  'library',
  'first-start',
  'teach',
]) {
  console.log(`\n${name}`);
  status ||= bin(['tsx', 'dist', 'cli.mjs'], [join(ROOT, `bench/${name}.bench.ts`)]);
}
process.exit(status);
