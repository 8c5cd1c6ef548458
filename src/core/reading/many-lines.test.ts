import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { indexFoods } from '../food/match-food.ts';
import { SHIPPED_FOODS } from '../food/shipped/index.ts';
import { readIngredient } from '../weighing/read-ingredient.ts';
import type { Weight } from '../weighing/weight.ts';
import { readLine } from './read-line.ts';

/** A small generator with a seed (a linear congruence, as in Numerical Recipes): the same lines in every run. */
function generator(seed: number) {
  let state = seed >>> 0;
  const next = (): number => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
  return {
    pick: <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)]!,
    chance: (p: number): boolean => next() < p,
  };
}

const NUMBERS =
  '1|2|½|1½|1 1/2|1⁄2|2-3|2 to 3|1,5|1,000|0.25|three|a|half a|a third of a|a couple of|half a dozen|scant ½|between 2 and 3|about 4|-2|0|1/0|9999999999|14.5'.split(
    '|',
  );
const UNITS =
  'cup|cups|c.|T|t|Tbsp.|tsp|g|kg|oz|lb|ml|fl oz|can|(14.5 oz) can|14-oz jar|bunch|cloves|pinch|stick|slices|x|each|"|of the 10 oz|-inch piece'.split(
    '|',
  );
const FOODS =
  'flour|chicken breasts|thyme|brown rice|ground beef (93% lean)|kale or chard|egg plus yolk|yoğurt|crème fraîche|Käse|小麦粉|🙂|juice of lemon|boneless, skinless turkey thighs'.split(
    '|',
  );
const TAILS =
  ', chopped|, divided| (about 120 g)| / 1 lb| + 2 tbsp| to taste|, plus more for dusting| (|)|;|, drained and rinsed| - optional|: 2| ½ cup|, 6 ounces each'.split(
    '|',
  );
/** Words that must be found again, wherever the reader put them. */
const CONTENT = /flour|chicken|thyme|rice|beef|kale|chard|yolk|fraîche|lemon|turkey|chopped|drained|rinsed|dusting/gi;

describe('a hundred thousand generated lines', () => {
  it('never throw, never hang, never lose a word', { timeout: 60_000 }, () => {
    const { pick, chance } = generator(20261125);
    const index = indexFoods(SHIPPED_FOODS);
    const seen = new Set<string>();
    let slowest = 0;
    for (let i = 0; seen.size < 100_000; i++) {
      const parts = [pick(NUMBERS), pick(UNITS), pick(FOODS), pick(TAILS)];
      if (chance(0.3)) parts.splice(i % 4, 1);
      if (chance(0.2)) parts.reverse();
      if (chance(0.3)) parts.push(pick(FOODS), pick(TAILS));
      const line = parts.join(chance(0.9) ? ' ' : '').trim();
      if (seen.has(line)) continue;
      seen.add(line);
      const before = performance.now();
      // Every tenth is matched and weighed, too.
      const { reading, weight } = i % 10 === 0 ? readIngredient(line, null, index, 'us') : alone(line);
      slowest = Math.max(slowest, performance.now() - before);
      const kept = [reading.item, reading.note, ...reading.alternatives, ...reading.modifiers].join(' ').toLowerCase();
      const lost = [...line.matchAll(CONTENT)].map((m) => m[0].toLowerCase()).filter((w) => !kept.includes(w));
      if (lost.length > 0 || reading.line !== line) expect.fail(`"${line}" lost ${lost.join(', ')}`);
      const numbers = [reading.quantity, reading.quantityMax, reading.packageQuantity, weight?.grams ?? null];
      if (numbers.some((n) => n !== null && !(n >= 0 && n < 1e12))) expect.fail(`"${line}" has ${numbers.join(', ')}`);
      if (weight !== null && !(weight.low <= weight.grams && weight.grams <= weight.high))
        expect.fail(`"${line}" weighs outside of its interval`);
    }
    // A second is a hang: a line takes a fraction of a millisecond.
    expect(slowest).toBeLessThan(1000);
  });
});

const alone = (line: string) => ({ reading: readLine(line), weight: null as Weight | null });

describe('lines of anything', () => {
  it('never throw and keep every word', () => {
    const piece = fc.constantFrom(
      '1',
      '½',
      '1/2',
      '-',
      '(',
      ')',
      'cup',
      'T',
      'of',
      'or',
      ',',
      'flour',
      '14 oz',
      'can',
      'each',
      'to taste',
      '½½',
      '/',
      '”',
      '🙂',
    );
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ maxLength: 80 }),
          fc.array(piece, { maxLength: 12 }).map((a) => a.join(' ')),
        ),
        (line) => {
          const r = readLine(line);
          expect(r.line).toBe(line);
          expect(r.quantity === null || Number.isFinite(r.quantity)).toBe(true);
          expect(r.confidence).toBeGreaterThanOrEqual(0);
          const kept =
            `${r.item} ${r.note ?? ''} ${r.alternatives.join(' ')} ${r.modifiers.join(' ')} ${r.unit ?? ''}`.toLowerCase();
          if (/flour/.test(line) && line.length < 60) expect(kept).toContain('flour');
        },
      ),
      { numRuns: 3000 },
    );
  });
});
