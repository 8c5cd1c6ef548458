import { main } from '../src/server/main.ts';

await main(process.argv.slice(2));
