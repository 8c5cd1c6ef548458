import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { DEMO_RECIPES } from '../../demo/recipes.ts';
import { countVersion } from '../../src/core/counting/count-version.ts';
import { readRecipe } from '../../src/core/page/read-page.ts';
import { plainCounter } from '../../src/core/program/program.ts';
import { SAMPLE_PROGRAMS } from '../../src/core/program/samples.ts';
import type { Version } from '../../src/core/version/version.ts';
import { TEST_RECIPES } from '../data/test-recipes.ts';
import { kitchenOf, readVersion } from '../support/test-version.ts';

const counters = SAMPLE_PROGRAMS.map((p) => plainCounter(p));
const dish = (text: string) => {
  const r = readRecipe(text);
  return {
    title: r.title ?? '',
    version: readVersion(
      r.ingredients.map((i) => i.text),
      { servings: r.servings! },
    ),
  };
};
const dishes = [...DEMO_RECIPES.map((r) => r.text), ...TEST_RECIPES].map(dish);
const counts = (version: Version) => countVersion(version, kitchenOf(), counters).counts;
const isMaybe = (c: ReturnType<typeof counts>[number]): boolean => c.pointsRange.low !== c.pointsRange.high;

describe('how often a count says "maybe"', () => {
  it('is at most in a third of the counts, over the demo and over the test recipes', () => {
    const share = (ds: typeof dishes) =>
      ds.flatMap((d) => counts(d.version).map(isMaybe)).filter(Boolean).length / ds.length / 4;
    expect(share(dishes)).toBeLessThanOrEqual(1 / 3);
    // And it does happen: a cup is not weighed.
    expect(share(dishes)).toBeGreaterThan(0.05);
  });
  it('is told in the documents as it is', () => {
    const table = readFileSync(join(import.meta.dirname, '../../docs/how-sure.md'), 'utf8');
    for (const { title, version } of dishes) {
      const cells = counts(version).map((c) => {
        const off = ((c.range.high - c.range.low) / 2).toFixed(2);
        return `${c.points} ± ${off}${isMaybe(c) ? ', maybe' : ''}`;
      });
      const row = table.split('\n').find((l) => l.startsWith(`| ${title} `));
      expect(
        row
          ?.split('|')
          .slice(2, -1)
          .map((c) => c.trim()),
        title,
      ).toEqual(cells);
    }
  });
  it('names what it hangs on, always', () => {
    for (const c of dishes.flatMap((d) => counts(d.version)))
      expect(c.doubt !== null, JSON.stringify(c.pointsRange)).toBe(isMaybe(c));
  });
});
