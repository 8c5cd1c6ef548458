import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { indexFoods, SURE } from '../../src/core/food/match-food.ts';
import { SHIPPED_FOODS } from '../../src/core/food/shipped/index.ts';
import { RIGHT } from '../../src/core/weighing/line-food.ts';
import { readIngredient } from '../../src/core/weighing/read-ingredient.ts';

const INDEX = indexFoods(SHIPPED_FOODS);

/** Lines with the food that each names, `?` where no food of the pantry is it. */
const LINES = ['every-word.txt', 'further-lines.txt'].flatMap((file) =>
  readFileSync(new URL(`../data/${file}`, import.meta.url), 'utf8')
    .split('\n')
    .filter((l) => l !== '' && !l.startsWith('#'))
    .map((row) => row.split('¦').map((c) => c.trim()))
    .flatMap(([line, , , food]) => (food === '*' ? [] : [{ line: line!, foods: food!.split('|') }])),
);

/** From which confidence on: the limits of the table in docs/every-word.md. */
const LIMITS = [0, 0.5, 0.6, SURE, 0.8, RIGHT, 0.96];

describe('how sure a match is', () => {
  const judged = LINES.map(({ line, foods }) => {
    const best = readIngredient(line, null, INDEX, 'us').matches[0];
    return { line, confidence: best?.confidence ?? 0, right: foods.includes(best?.food.id ?? '?') };
  });
  it('is what it says: of 100 matches above the limit 99 are right', () => {
    const taken = judged.filter((j) => j.confidence >= SURE);
    expect(taken.length).toBeGreaterThan(500);
    const wrong = taken.filter((j) => !j.right);
    expect(wrong.length / taken.length, wrong.map((w) => w.line).join('\n')).toBeLessThanOrEqual(0.01);
  });
  it('asks about few of the lines that a cook would find clear', () => {
    const clear = judged.filter((j, i) => !LINES[i]!.foods.includes('?') && j.right);
    const asked = clear.filter((j) => j.confidence < RIGHT);
    expect(asked.length / clear.length, asked.map((a) => a.line).join('\n')).toBeLessThanOrEqual(0.06);
  });
  it('stands in the documents as it is', () => {
    const table = LIMITS.map((from, i) => {
      const to = LIMITS[i + 1] ?? 1.01;
      const inside = judged.filter((j) => j.confidence >= from && j.confidence < to);
      const until = to > 1 ? 'to 1' : `to ${to}`;
      return `| ${from} ${until} | ${inside.length} | ${inside.filter((j) => !j.right).length} |`;
    });
    const written = readFileSync(new URL('../../docs/every-word.md', import.meta.url), 'utf8').replace(/ +\|/g, ' |');
    for (const row of table) expect(written, table.join('\n')).toContain(row);
  });
});
