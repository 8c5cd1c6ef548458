import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { DEMO_RECIPES } from '../../demo/recipes.ts';
import { makeCard } from '../../src/core/card/card.ts';
import { USUAL_PASS_ON } from '../../src/core/card/pass-on.ts';
import { postText } from '../../src/core/card/post-text.ts';
import { indexFoods } from '../../src/core/food/match-food.ts';
import { SHIPPED_FOODS } from '../../src/core/food/shipped/index.ts';
import { readRecipe } from '../../src/core/page/read-page.ts';
import { SAMPLE_PROGRAMS } from '../../src/core/program/samples.ts';
import { foodIn } from '../../src/core/region/food-in.ts';
import { REGIONS } from '../../src/core/region/region.ts';
import { applySwap, whyNot } from '../../src/core/swap/apply-swap.ts';
import { shippedSwapsIn } from '../../src/core/swap/swap-in.ts';
import { applyEntry } from '../../src/core/version/entry.ts';
import { lineOf } from '../../src/core/version/line-of.ts';
import { scaleChangesBy } from '../../src/core/version/scale-version.ts';
import type { Line, Version } from '../../src/core/version/version.ts';
import { readIngredient } from '../../src/core/weighing/read-ingredient.ts';
import { TEST_RECIPES } from '../data/test-recipes.ts';
import { testVersion } from '../support/test-version.ts';

const further = readFileSync(join(import.meta.dirname, '../data/further-lines.txt'), 'utf8')
  .split('\n')
  .filter((l) => l.includes('¦'))
  .slice(1)
  .map((l) => l.split('¦')[0]!.trim());
const dishes = [...DEMO_RECIPES.map((r) => r.text), ...TEST_RECIPES].map(readRecipe);
const changedBy = (version: Version, changes: Parameters<typeof applyEntry>[1]['changes']): Version =>
  applyEntry(version, { id: 'e', label: 'change', changes, undoes: null });

describe.each(REGIONS)('Imbiss reads what it prints, in %s', (region) => {
  const foods = SHIPPED_FOODS.map((f) => foodIn(region, f));
  const index = indexFoods(foods);
  const byId = new Map(foods.map((f) => [f.id, f]));
  const food = (id: string) => byId.get(id) ?? null;
  const swaps = shippedSwapsIn(region);
  const version = (lines: readonly string[], rest: Partial<Version>): Version => ({
    ...testVersion([]),
    lines: lines.map((text, i) => lineOf(readIngredient(text, null, index, 'us'), `l${i}`)),
    ...rest,
  });
  const versions: Version[] = [
    ...dishes.map((r) =>
      version(
        r.ingredients.map((i) => i.text),
        { servings: r.servings ?? 4 },
      ),
    ),
    version(further, { servings: 100 }),
  ];

  /** What a printed line is read as differently from what it is; null when it comes out the same. */
  function lost(line: Line, text: string): string | null {
    // Without an amount, a spray or a sprig, the words cannot say that there is more of it.
    if (line.food.kind !== 'food' || line.weight === null || line.amount === null || line.leftOut) return null;
    const read = readIngredient(text, line.group, index, 'us');
    const grams = read.weight?.grams ?? 0;
    // What has nothing to count, water and stevia, is read as that.
    const id =
      read.food.kind === 'food' ? read.food.foodId : read.food.kind === 'nothing' ? read.matches[0]?.food.id : null;
    const same = id === line.food.foodId;
    const off = Math.abs(grams - line.weight.grams);
    if (same && off <= Math.max(0.6, 0.02 * line.weight.grams)) return null;
    return `${text}: ${line.food.foodId} ${line.weight.grams.toFixed(1)} g, read as ${id ?? 'open'} ${grams.toFixed(1)} g`;
  }

  it('the lines of every swap over the demo, the test recipes and the further lines, to the same food and grams', () => {
    let n = 0;
    let tried = 0;
    const wrong = new Set<string>();
    const seen = new Set<string>();
    for (const version of versions) {
      for (const line of version.lines) {
        for (const swap of swaps) {
          for (const share of new Set([swap.share, swap.mostShare])) {
            if (whyNot(swap, line, share, version.servings) !== null) continue;
            const after = changedBy(
              version,
              applySwap(version, line.id, swap, { food, system: 'us', newId: () => `n${n++}` }, share),
            );
            for (const l of after.lines.filter((x) => x.swapId !== null)) {
              tried++;
              const key = `${l.text} ${JSON.stringify(l.food)}`;
              if (seen.has(key)) continue;
              seen.add(key);
              const said = lost(l, l.text);
              if (said !== null) wrong.add(said);
            }
          }
        }
      }
    }
    expect(tried).toBeGreaterThan(500);
    expect([...wrong]).toEqual([]);
  }, 30_000);

  it('the lines of recipes that were made smaller or larger', () => {
    const wrong = new Set<string>();
    for (const version of versions) {
      for (const factor of [1 / 3, 0.5, 1.5, 2.5]) {
        for (const l of changedBy(version, scaleChangesBy(version, factor)).lines) {
          const said = lost(l, l.text);
          if (said !== null) wrong.add(said);
        }
      }
    }
    expect([...wrong]).toEqual([]);
  });

  /** A version with the first swap that fits each line. */
  const lightened = (version: Version): Version => {
    let n = 0;
    return version.lines.reduce((v, line) => {
      const swap = swaps.find((s) => s.kind !== 'leaveOut' && s.kind !== 'toPlate' && whyNot(s, line) === null);
      if (swap === undefined) return v;
      return changedBy(v, applySwap(v, line.id, swap, { food, system: 'us', newId: () => `c${n++}` }));
    }, version);
  };

  it('the ingredients of every card, as written and lightened', () => {
    const kitchen = { food, version: () => null };
    const wrong: string[] = [];
    for (const version of [...versions, ...versions.map(lightened)]) {
      const card = makeCard({
        title: 'A dish',
        credit: { author: null, url: null, whose: 'family' },
        version,
        asWritten: version,
        kitchen,
        programs: SAMPLE_PROGRAMS,
        pins: [],
        swaps,
        system: 'us',
        region,
        countedOn: '2026-11-25',
        weighed: null,
        passOn: USUAL_PASS_ON,
        picture: null,
        food,
      });
      const printed = postText(card, { length: 'long', steps: true, most: null, url: null }).text.split('\n');
      const first = printed.indexOf('Ingredients') + 1;
      const lines = printed.slice(first).filter((l) => l.startsWith('- '));
      version.lines
        .filter((l) => !l.leftOut)
        .forEach((l, i) => {
          const said = lost(l, lines[i]!.slice(2));
          if (said !== null) wrong.push(said);
        });
    }
    expect(wrong).toEqual([]);
  });
});
