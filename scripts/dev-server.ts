import { fileURLToPath } from 'node:url';
import { main } from '../src/server/main.ts';

// The built client and the card's assets; the client under development is Vite's.
await main(process.argv.slice(2), fileURLToPath(new URL('../dist', import.meta.url)));
