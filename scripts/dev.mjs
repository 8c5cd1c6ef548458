// Development: the server restarts and the page reloads on every change.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureBuilt, ensureInstalled, ROOT } from './ensure.mjs';

ensureInstalled({ forWork: true });
ensureBuilt();
const env = { ...process.env, API_PORT: process.env.PORT ?? '4180' };
const node = (...args) => spawn(process.execPath, args, { cwd: ROOT, stdio: 'inherit', env });
const children = [
  node(
    join(ROOT, 'node_modules/tsx/dist/cli.mjs'),
    'watch',
    '--clear-screen=false',
    join(ROOT, 'scripts/dev-server.ts'),
  ),
  node(join(ROOT, 'node_modules/vite/bin/vite.js'), '--config', join(ROOT, 'vite.config.ts')),
];
const stop = () => {
  for (const c of children) c.kill('SIGTERM');
};
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
