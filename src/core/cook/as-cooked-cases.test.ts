import { describe, expect, it } from 'vitest';
import { sample } from '../../../tests/support/test-lines.ts';
import { kitchenOf, readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { countVersion } from '../counting/count-version.ts';
import { plainCounter } from '../program/program.ts';
import { applyEntry } from '../version/entry.ts';
import { answeredLoss, type LossReason } from '../version/line-loss.ts';
import { scaleChangesBy } from '../version/scale-version.ts';
import { countShare, wholeOf } from './count-share.ts';
import { freeze } from './freeze.ts';

const eaters = [{ key: 'le', program: sample('LE'), counter: plainCounter(sample('LE')) }];
const frozenOf = (version: ReturnType<typeof readVersion>) =>
  freeze(countVersion(version, kitchenOf(), [eaters[0]!.counter]), eaters, '2026-11-27T18:00:00Z');
const withLoss = (lines: readonly string[], at: number, why: LossReason, grams: number) => {
  const v = readVersion(lines, { servings: 4 });
  return { ...v, lines: v.lines.map((l, i) => (i === at ? { ...l, loss: answeredLoss(why, grams) } : l)) };
};
const gramsOf = (id: string, n: 'kcal' | 'fat' | 'satFat' | 'sodium', grams: number): number =>
  (shippedFood(id)!.per100g[n].value! * grams) / 100;

describe('what was different, worked by hand', () => {
  it('fat poured off takes 9 kcal a gram, and its saturated part, and nothing of the meat', () => {
    const before = wholeOf(frozenOf(readVersion(['500 g ground beef', '1 onion'], { servings: 4 })));
    const after = wholeOf(frozenOf(withLoss(['500 g ground beef', '1 onion'], 0, 'poured-off', 30)));
    expect(before.kcal.value! - after.kcal.value!).toBeCloseTo(270, 6);
    expect(before.fat.value! - after.fat.value!).toBeCloseTo(30, 6);
    expect(before.protein.value!).toBeCloseTo(after.protein.value!, 9);
  });
  it.each(['coating', 'marinade', 'trimmed', 'not-used'] as const)(
    '%s that is left takes its own grams along',
    (why) => {
      const before = wholeOf(frozenOf(readVersion(['600 g pork chops', '100 g flour'], { servings: 4 })));
      const after = wholeOf(frozenOf(withLoss(['600 g pork chops', '100 g flour'], 1, why, 40)));
      expect(before.kcal.value! - after.kcal.value!).toBeCloseTo(gramsOf('flour-white', 'kcal', 40), 6);
    },
  );
  it('all of it doubled counts the same portion for twice as many, and twice as much in all', () => {
    const v = readVersion(['500 g ground beef', '400 g rice'], { servings: 4 });
    const twice = applyEntry(v, { id: 'e', label: 'Twice', changes: scaleChangesBy(v, 2), undoes: null });
    const [one, two] = [frozenOf(v), frozenOf(twice)];
    expect(countShare(two, 'le', 1).raw).toBeCloseTo(2 * countShare(one, 'le', 1).raw, 9);
    expect(countShare(two, 'le', 1 / 8).points).toBe(countShare(one, 'le', 1 / 4).points);
  });
  it('an edge that was cut off, and a taste, are shares of the dish that nobody has on a plate', () => {
    const f = frozenOf(readVersion(['500 g ground beef', '400 g rice'], { servings: 4 }));
    const shares = { tasted: 0.02, cutOff: 0.08, plates: 0.9 };
    const raw = Object.values(shares).reduce((s, x) => s + countShare(f, 'le', x).raw, 0);
    expect(raw).toBeCloseTo(countShare(f, 'le', 1).raw, 9);
  });
});
