// Installs, builds when stale, and then is the server: one process, which a signal reaches.
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ensureBuilt, ROOT } from './ensure.mjs';

ensureBuilt();
// Only now: set before, it would leave out of the installation what building takes.
process.env.NODE_ENV ??= 'production';
const { main } = await import(pathToFileURL(join(ROOT, 'dist/main.js')).href);
await main(process.argv.slice(2));
