import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_RECIPES } from '../../demo/recipes.ts';
import { readPage } from '../../src/core/page/read-page.ts';
import { stepsAsChanged } from '../../src/core/steps/steps-as-changed.ts';
import { stepsAtStove } from '../../src/core/stove/steps-at-stove.ts';
import { applySwap } from '../../src/core/swap/apply-swap.ts';
import { swapsFitting } from '../../src/core/swap/fits-line.ts';
import { SWAPS } from '../../src/core/swap/library.ts';
import { roleOfLine } from '../../src/core/swap/role-of-line.ts';
import { applyEntry } from '../../src/core/version/entry.ts';
import { scaleChangesBy } from '../../src/core/version/scale-version.ts';
import type { Version } from '../../src/core/version/version.ts';
import { TEST_RECIPES } from '../data/test-recipes.ts';
import { readVersion, shippedFood } from '../support/test-version.ts';

const versionOf = (text: string): Version => {
  const read = readPage(text);
  const [recipe] = read.recipes;
  return readVersion(
    recipe!.ingredients.map((i) => i.text),
    { servings: recipe!.servings ?? null, steps: recipe!.steps.map((t, i) => ({ id: `s${i}`, text: t })) },
  );
};

const ALL = [...DEMO_RECIPES.map((r) => r.text), ...TEST_RECIPES].map(versionOf);

describe('the amounts in the steps', () => {
  it('add up to the lines, over all demo and test recipes at any size', () => {
    expect(ALL.length).toBeGreaterThanOrEqual(30);
    fc.assert(
      fc.property(fc.constantFrom(...ALL), fc.double({ min: 0.25, max: 8, noNaN: true }), (version, factor) => {
        const changes = scaleChangesBy(version, factor);
        const scaled =
          changes.length === 0 ? version : applyEntry(version, { id: 'e1', label: 'More', changes, undoes: null });
        const { steps, inNoStep } = stepsAtStove(scaled, shippedFood);
        for (const line of scaled.lines) {
          const shares = steps.flatMap((s) => s.uses).filter((u) => u.lineId === line.id);
          const sum = shares.reduce((a, u) => a + u.share, 0);
          const nowhere = inNoStep.some((l) => l.id === line.id);
          expect(sum + (nowhere ? 1 : 0)).toBeCloseTo(line.leftOut ? 0 : 1, 9);
          if (nowhere || line.weight === null || line.leftOut) continue;
          const grams = shares.reduce((a, u) => a + (u.grams ?? Number.NaN), 0);
          expect(grams).toBeCloseTo(line.weight.grams, 6);
        }
      }),
      { numRuns: 400 },
    );
  });
  it('add up in every dish with every swap that a line of it is offered, told as it is now', () => {
    let swapped = 0;
    for (const version of ALL)
      for (const line of version.lines) {
        const role = roleOfLine(line, version, shippedFood);
        for (const swap of swapsFitting(SWAPS, line, { version, title: '', role, food: shippedFood }).slice(0, 3)) {
          const context = { food: shippedFood, system: 'us', newId: () => `n${swapped++}` } as const;
          const changes = applySwap(version, line.id, swap, context, undefined);
          const now = applyEntry(version, { id: 'e1', label: swap.id, changes, undoes: null });
          const told = { ...now, steps: stepsAsChanged(version, now, SWAPS) };
          const { steps, inNoStep } = stepsAtStove(told, shippedFood, SWAPS);
          for (const l of now.lines) {
            const sum = steps.flatMap((s) => s.uses).reduce((a, u) => (u.lineId === l.id ? a + u.share : a), 0);
            const nowhere = inNoStep.some((n) => n.id === l.id);
            const what = `${swap.id}: ${l.text} in ${JSON.stringify(told.steps.map((s) => s.text))}`;
            expect(sum + (nowhere ? 1 : 0), what).toBeCloseTo(l.leftOut ? 0 : 1, 9);
          }
        }
      }
    expect(swapped).toBeGreaterThan(200);
  });
  it('name most lines in a step', () => {
    const lines = ALL.flatMap((v) => v.lines.filter((l) => !l.leftOut));
    const nowhere = ALL.flatMap((v) => stepsAtStove(v, shippedFood).inNoStep);
    expect(nowhere.length / lines.length).toBeLessThan(0.35);
  });
});
