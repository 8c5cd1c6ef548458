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
  'prep',
  'propose',
  'card-reads',
]) {
  console.log(`\n${name}`);
  const [file, ...flags] = name.split(' ');
  // As it is served: React draws several times slower otherwise.
  const env = { ...process.env, NODE_ENV: 'production' };
  status ||= bin(['tsx', 'dist', 'cli.mjs'], [join(ROOT, `bench/${file}.bench.ts`), ...flags], { env });
}
process.exit(status);
