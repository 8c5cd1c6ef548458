import { describe, expect, it } from 'vitest';
import { shippedFood } from '../../../tests/support/test-version.ts';
import { anyFood, isUncounted, type UncountedEntry } from './uncounted.ts';

const food = (id: string) => shippedFood(id)!;
const entry = (over: Partial<UncountedEntry>): UncountedEntry => ({ ...anyFood('on it'), ...over });
const listed = (id: string, over: Partial<UncountedEntry>, except: readonly string[] = []) =>
  isUncounted(food(id), {
    entries: [entry(over)],
    exclusions: [{ words: 'juice', foods: [], kinds: ['juice'], except }],
  }).uncounted;

describe('what an entry of a list means', () => {
  it('is a food, a group of the pantry, or a kind', () => {
    expect(listed('carrot', { foods: ['carrot'] })).toBe(true);
    expect(listed('carrot', { foods: ['leek'] })).toBe(false);
    expect(listed('carrot', { groups: [food('carrot').group] })).toBe(true);
    expect(listed('butter', { groups: [food('carrot').group] })).toBe(false);
    expect(listed('chicken-breast', { kinds: ['poultrybreast'] })).toBe(true);
  });
  it('holds under a state, a limit in 100 g, and without what else it is', () => {
    expect(listed('potato', { kinds: ['plant'], states: ['cooked'] })).toBe(false);
    expect(listed('chicken-breast', { kinds: ['poultrybreast'], atMost: { fat: 7 } })).toBe(true);
    expect(listed('bacon', { kinds: ['meat'], atMost: { fat: 7 } })).toBe(false);
    expect(listed('apple', { kinds: ['fruit'], without: ['driedfruit'] })).toBe(true);
    expect(listed('apple', { kinds: ['fruit'], without: ['fruit'] })).toBe(false);
  });
  it('takes what nobody measured for too much: unknown is not zero', () => {
    const unmeasured = {
      ...food('apple'),
      per100g: { ...food('apple').per100g, sodium: { value: null, low: 0, high: 40 } },
    };
    const list = (most: number) => ({
      entries: [entry({ kinds: ['fruit'], atMost: { sodium: most } })],
      exclusions: [],
    });
    expect(isUncounted(unmeasured, list(10)).uncounted).toBe(false);
    expect(isUncounted(unmeasured, list(40)).uncounted).toBe(true);
  });
  it('gives way to what is counted whatever the list says, but for what that does not mean', () => {
    expect(listed('orange-juice', { kinds: ['juice'] })).toBe(false);
    expect(listed('orange-juice', { kinds: ['juice'] }, ['orange-juice'])).toBe(true);
  });
  it('means everything only where it is said: an entry that names nothing means nothing', () => {
    expect(listed('carrot', {})).toBe(false);
    expect(listed('carrot', { atMost: { kcal: 60 } })).toBe(true);
    expect(listed('butter', { atMost: { kcal: 60 } })).toBe(false);
  });
});
