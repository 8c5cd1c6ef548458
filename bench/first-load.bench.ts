import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/**
 * The compressed script of the first screen, against 200 kB and against all script there is: what `index.html` loads,
 * and what those files import without being asked to.
 */
const web = join(import.meta.dirname, '../dist/web');
const LIMIT = 200_000;

const html = readFileSync(join(web, 'index.html'), 'utf8');
const first = new Set<string>();
const visit = (name: string): void => {
  if (first.has(name)) return;
  first.add(name);
  const text = readFileSync(join(web, 'assets', name), 'utf8');
  for (const m of text.matchAll(/(?:from|^import|;import)\s*["']\.\/([\w.-]+\.js)["']/g)) visit(m[1]!);
};
for (const m of html.matchAll(/assets\/([\w.-]+\.js)/g)) visit(m[1]!);

const size = (name: string): number => {
  try {
    return readFileSync(join(web, 'assets', `${name}.br`)).length;
  } catch {
    return readFileSync(join(web, 'assets', name)).length;
  }
};
const kB = (n: number): string => `${(n / 1000).toFixed(1)} kB`;
const sum = (names: Iterable<string>): number => [...names].reduce((s, n) => s + size(n), 0);
const all = readdirSync(join(web, 'assets')).filter((n) => n.endsWith('.js'));

console.log(`first screen: ${kB(sum(first))} of compressed script in ${first.size} files; the bar is ${kB(LIMIT)}`);
console.log(
  `all script:   ${kB(sum(all))} in ${all.length} files; ratio first / all: ${(sum(first) / sum(all)).toFixed(3)}`,
);
if (sum(first) > LIMIT) {
  console.error('The first screen loads too much script.');
  process.exit(1);
}
