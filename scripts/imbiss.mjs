// The command line. Installs and builds first where needed; otherwise answers at once.
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ensureBuilt, ROOT } from './ensure.mjs';

ensureBuilt();
const { cli } = await import(pathToFileURL(join(ROOT, 'dist/cli.js')).href);
process.exitCode = await cli(process.argv.slice(2));
