import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { ROLES } from '../../src/core/food/food.ts';
import { leftOutDeparture } from '../../src/core/swap/departure.ts';
import { SWAPS } from '../../src/core/swap/library.ts';

/** How far a swap departs, or a line of a part that is left out: "out binder". */
function departs(what: string): number {
  const role = ROLES.find((r) => `out ${r}` === what);
  if (role !== undefined) return leftOutDeparture(role);
  const swap = SWAPS.find((s) => s.id === what);
  if (swap === undefined) throw new Error(`There is no swap ${what}`);
  return swap.departure;
}

const pairs = readFileSync(new URL('../data/departure-pairs.txt', import.meta.url), 'utf8')
  .split('\n')
  .filter((l) => l.trim() !== '' && !l.startsWith('#'))
  .map((l) => l.split(' < ').map((w) => w.trim()) as [string, string]);

describe('the scale of departures', () => {
  it('is held by at least 80 pairs', () => {
    expect(pairs.length).toBeGreaterThanOrEqual(80);
  });
  it.each(pairs)('%s departs less than %s', (less, more) => {
    expect(departs(less)).toBeLessThan(departs(more));
  });
  it('is one from 0 to 100 in tenths', () => {
    for (const s of SWAPS) {
      expect(s.departure).toBeGreaterThan(0);
      expect(s.departure).toBeLessThanOrEqual(100);
      expect(Math.round(s.departure * 10)).toBe(s.departure * 10);
    }
  });
});
