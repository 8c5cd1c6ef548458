// Everything that goes wrong, at length: see docs/faults.md.
import { join } from 'node:path';
import { bin, ensureBuilt, ensureInstalled, ROOT } from './ensure.mjs';

ensureInstalled({ forWork: true });
ensureBuilt();
process.exit(bin(['tsx', 'dist', 'cli.mjs'], [join(ROOT, 'tests/faults/run.ts'), ...process.argv.slice(2)]));
