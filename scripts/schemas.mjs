// Writes the published JSON schemas to docs/schemas, and the API's OpenAPI document beside them.
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { bin, ensureInstalled, ROOT } from './ensure.mjs';

ensureInstalled({ forWork: true });
if (process.argv[2] !== '--run') {
  process.exit(bin(['tsx', 'dist', 'cli.mjs'], [join(ROOT, 'scripts/schemas.mjs'), '--run']));
}
const { openApi } = await import('../src/contract/openapi.ts');
const { schemas } = await import('../src/contract/published-schemas.ts');
const dir = join(ROOT, 'docs/schemas');
mkdirSync(dir, { recursive: true });
for (const [name, schema] of Object.entries(schemas())) {
  writeFileSync(join(dir, `${name}.json`), `${JSON.stringify(schema, null, 2)}\n`);
}
writeFileSync(join(ROOT, 'docs/openapi.json'), `${JSON.stringify(openApi(), null, 2)}\n`);
