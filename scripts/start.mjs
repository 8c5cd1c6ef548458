// Installs, builds when stale, and then is the server: one process, which a signal reaches.
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ensureBuilt, ROOT } from './ensure.mjs';

ensureBuilt();
const { main } = await import(pathToFileURL(join(ROOT, 'dist/main.js')).href);
await main(process.argv.slice(2));
