// Speed, each measured against something else in the same run.
import { join } from 'node:path';
import { bin, ensureInstalled, ROOT } from './ensure.mjs';

ensureInstalled();
process.exit(bin(['tsx', 'dist', 'cli.mjs'], [join(ROOT, 'bench/recount.bench.ts')]));
