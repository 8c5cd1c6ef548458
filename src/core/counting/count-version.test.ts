import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { seeded } from '../../../tests/support/hard-choices.ts';
import { counterOf } from '../../../tests/support/test-lines.ts';
import { kitchenOf, readVersion } from '../../../tests/support/test-version.ts';
import { scaleProfile } from '../food/nutrients.ts';
import type { Kitchen } from '../version/kitchen.ts';
import type { Line, Version } from '../version/version.ts';
import { countVersion, nutritionOf } from './count-version.ts';

const broth = readVersion(['2 tbsp butter', '1 onion', '1 l water'], { id: 'broth', recipeId: 'broth-recipe' });
const read = readVersion(
  [
    '500 g potatoes',
    '200 ml cream',
    '80 g Gruyère',
    '1 pinch nutmeg',
    '2 to 3 eggs',
    '1 cup mystery dust',
    '200 g broth',
  ],
  { id: 'dish', recipeId: 'dish-recipe', servings: 4 },
);
const dish: Version = {
  ...read,
  lines: read.lines.map((l, i) =>
    i === 6
      ? {
          ...l,
          food: { kind: 'recipe', recipeId: 'broth-recipe', versionId: 'broth' },
          weight: { grams: 200, low: 200, high: 200, from: 'weight' },
        }
      : l,
  ),
};
const counters = [
  ...FIXTURE_PROGRAMS.map((program) => counterOf(program)),
  counterOf(FIXTURE_PROGRAMS[0]!, { pins: [{ foodId: 'gruyere', programId: 'program-ledger', points: 3, grams: 30 }] }),
];

/** The same version and kitchen with nothing remembered: every object is new. */
const afresh = (version: Version): Version => structuredClone(version);

describe('a recount after one changed line', () => {
  it('is the whole recount to the last bit, whatever was changed', () => {
    const random = seeded(11);
    const kitchen = kitchenOf(broth);
    let version = dish;
    for (let round = 0; round < 200; round++) {
      const at = Math.floor(random() * version.lines.length);
      const line = version.lines[at]!;
      const grams = random() * 700;
      const change = random();
      const next: Line =
        change < 0.6 && line.weight !== null
          ? { ...line, weight: { ...line.weight, grams, low: grams * 0.9, high: grams * 1.1 } }
          : change < 0.8
            ? { ...line, leftOut: !line.leftOut }
            : { ...line, kept: !line.kept };
      version = {
        ...version,
        servings: change > 0.95 ? 1 + Math.floor(random() * 9) : version.servings,
        lines: version.lines.map((l, i) => (i === at ? next : l)),
      };
      const incremental = countVersion(version, kitchen, counters);
      const fresh: Kitchen = kitchenOf(broth);
      expect(incremental).toStrictEqual(countVersion(afresh(version), fresh, structuredClone(counters)));
    }
  });
  it('counts the same line apart in two versions and two kitchens', () => {
    const empty: Kitchen = { food: () => null, version: () => null };
    const full = countVersion(dish, kitchenOf(broth), counters);
    expect(countVersion(dish, empty, counters).open.length).toBeGreaterThan(full.open.length);
    expect(countVersion(dish, kitchenOf(broth), counters)).toStrictEqual(full);
  });
});

describe('the nutrition of a dish', () => {
  it('is the sum of its lines to the last bit, also where a value is unknown or nothing is in it', () => {
    const { lines, perServing } = countVersion({ ...dish, servings: 1 }, kitchenOf(broth), []);
    expect(perServing).toStrictEqual(scaleProfile(nutritionOf(lines), 1));
    const empty = countVersion({ ...dish, lines: [] }, kitchenOf(), []).perServing;
    expect(empty.kcal).toEqual({ value: 0, low: 0, high: 0 });
  });
});

describe('a line whose recipe is not there', () => {
  it('waits for an answer, and the count is so far', () => {
    const counted = countVersion(dish, kitchenOf(), counters);
    expect(counted.open).toContain(dish.lines[6]!.id);
    expect(counted.counts.every((c) => !c.complete)).toBe(true);
  });
});

describe('recipes in recipes', () => {
  /** A line that takes 100 g of a version. */
  const takes = (from: Version, id: string): Line => ({
    ...dish.lines[6]!,
    id,
    originLineId: id,
    food: { kind: 'recipe', recipeId: from.recipeId, versionId: from.id },
    weight: { grams: 100, low: 100, high: 100, from: 'weight' },
  });
  it('are counted once and scaled: five of fourteen lines each take milliseconds', () => {
    const chain: Version[] = [
      readVersion(
        Array.from({ length: 14 }, () => '100 g butter'),
        { id: 'v0', recipeId: 'r0', servings: 1 },
      ),
    ];
    for (let depth = 1; depth < 5; depth++)
      chain.push({
        ...dish,
        id: `v${depth}`,
        recipeId: `r${depth}`,
        servings: 1,
        lines: Array.from({ length: 14 }, (_, i) => takes(chain[depth - 1]!, `l${depth}-${i}`)),
      });
    const started = performance.now();
    const counted = countVersion(chain[4]!, kitchenOf(...chain), counters.slice(0, 1));
    // Part by part these are 14⁵ = 537,824, which took ten seconds; a wide margin for a slow machine.
    expect(performance.now() - started).toBeLessThan(500);
    expect(counted.lines.every((l) => l.parts.length === 1)).toBe(true);
    // 14 lines of 100 g, each of them butter all through: 717 kcal a 100 g.
    const butter = chain[0]!.lines[0]!;
    const kcal = countVersion({ ...chain[0]!, lines: [butter] }, kitchenOf(), []).perServing.kcal.value!;
    expect(counted.perServing.kcal.value).toBeCloseTo(14 * kcal, 6);
  });
});
