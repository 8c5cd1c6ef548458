import { readFileSync } from 'node:fs';
import { readPasted } from '../src/contract/read-pasted.ts';
import { indexFoods } from '../src/core/food/match-food.ts';
import { SHIPPED_FOODS } from '../src/core/food/shipped/index.ts';
import { readIngredient } from '../src/core/weighing/read-ingredient.ts';
import { EXPECTED_PAGES } from '../tests/support/judge-page.ts';
import { time } from './time.ts';

/**
 * Reading lines and pages. A line has a bar of its own; a page is measured against itself: a kilobyte of 100 kB may take
 * at most half as long again as one of 10 kB, whatever stands in it.
 */
const LINE_MS = 0.5;
const RATIO = 1.5;
/** Below this both are too short to be compared, ms at 100 kB. */
const TOO_SHORT = 5;

const index = indexFoods(SHIPPED_FOODS);
const lines = readFileSync(new URL('../tests/data/further-lines.txt', import.meta.url), 'utf8')
  .split('\n')
  .filter((l) => l !== '' && !l.startsWith('#'))
  .map((l) => l.split('¦')[0]!.trim());

/** Fills so many characters. */
const fill = (unit: string) => (size: number) => unit.repeat(Math.ceil(size / unit.length)).slice(0, size);
const pages = EXPECTED_PAGES.filter((p) => !p.page.startsWith('<') && !p.page.startsWith('[')).map((p) => p.page);
const PATTERNS: Record<string, (size: number) => string> = {
  pages: (size) => fill(pages.join('\n'))(size),
  'ordinary lines': fill('2 cups chopped onions, divided\n'),
  steps: fill('Mix 2 cups flour with 3 eggs and 1 cup milk in a 9 x 13 pan and bake for 30 minutes. '),
  blanks: fill(' '),
  'empty lines': fill('\n'),
  'one word': fill('x'),
  figures: fill('1 '),
  'one figure': fill('1'),
  fractions: fill('1/'),
  halves: fill('½'),
  'lists with commas': fill('1 cup flour, '),
  'lists with semicolons': fill('1 cup flour; '),
  'lists with nothing between': fill('1 cup flour '),
  'open brackets': fill('('),
  'lines with an open bracket': fill('1 cup (\n'),
  stars: fill('**a '),
  columns: fill('a   '),
  bars: fill('a | '),
  'quote marks': fill('> > 1 cup flour\n'),
  headings: fill('Ingredients:\n'),
  'many recipes': fill('Ingredients\n1 cup flour\nMethod\nMix it.\n\nTitle Here\n'),
  'spoken words': fill('um so you need two eggs, no wait, three eggs, '),
  pictures: fill('🍕'),
  entities: fill('&frac12;'),
  'open tags': fill('<'),
  'open scripts': fill('<script type="application/ld+json">{'),
  'open comments': fill('<!--'),
  tags: fill('<p>a</p>'),
  'nested lists': fill('['),
  'nested objects': fill('{"a":'),
  servings: fill('serves and makes '),
  sources: fill('https://'),
};

const line = await time((i) => readIngredient(lines[i % lines.length]!, null, index, 'us'), 2000);
const base = await time((i) => JSON.parse(JSON.stringify({ line: lines[i % lines.length] })), 2000);
console.log(
  `a line read, matched and weighed: ${line.median.toFixed(3)} ms (bar ${LINE_MS}); through JSON: ${base.median.toFixed(4)} ms`,
);
let worst = { name: '', ratio: 0 };
for (const [name, pattern] of Object.entries(PATTERNS)) {
  const [short, long] = [pattern(10_000), pattern(100_000)];
  const [a, b] = [await time(() => readPasted(short), 9), await time(() => readPasted(long), 9)];
  const ratio = b.median / 10 / a.median;
  console.log(
    `${name.padEnd(28)} ${a.median.toFixed(1).padStart(7)} ms  ${b.median.toFixed(1).padStart(7)} ms  ratio ${ratio.toFixed(2)}`,
  );
  if (ratio > worst.ratio && b.median > TOO_SHORT) worst = { name, ratio };
}
console.log(`worst: ${worst.name}, ${worst.ratio.toFixed(2)} (bar ${RATIO})`);
if (line.median > LINE_MS || worst.ratio > RATIO) {
  console.error('Reading is too slow.');
  process.exit(1);
}
