// One process: installs, builds when stale, and then is the server.
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ensureBuilt, ROOT } from './ensure.mjs';

await ensureBuilt();
const { main } = await import(pathToFileURL(join(ROOT, 'dist/main.js')).href);
await main(process.argv.slice(2));
