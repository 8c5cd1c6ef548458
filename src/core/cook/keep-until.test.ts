import { describe, expect, it } from 'vitest';
import { shippedFood } from '../../../tests/support/test-version.ts';
import { keepsTooLong, keepUntil, storageOf } from './keep-until.ts';

const food = (id: string) => shippedFood(id)!;

describe('how long what was cooked keeps', () => {
  // USDA FSIS, "Leftovers and Food Safety": 3 to 4 days in the refrigerator, 3 to 4 months in the freezer for quality.
  it('is three days in a fridge and three months in a freezer', () => {
    expect(keepUntil('2026-11-27', 'cooked', 'fridge', [food('potato')])).toBe('2026-11-30');
    expect(keepUntil('2026-11-27', 'cooked', 'freezer', [food('potato')])).toBe('2027-02-25');
    expect(storageOf('fridge', [food('potato')]).source).toBe('USDA FSIS');
  });
  // UK Food Standards Agency, "Home food fact checker": cooked rice within 24 hours.
  it('is a day for rice', () => {
    expect(keepUntil('2026-11-27', 'cooked', 'fridge', [food('potato'), food('rice-white')])).toBe('2026-11-28');
    expect(storageOf('fridge', [food('rice-white')]).source).toBe('UK FSA');
    expect(keepUntil('2026-12-31', 'cooked', 'fridge', [food('rice-white')])).toBe('2027-01-01');
  });
  it('is told where a recipe says that it keeps longer', () => {
    expect(keepsTooLong('Keeps for a week in the fridge.')).toMatch(/a week.*3 to 4 days/);
    expect(keepsTooLong('Store in the fridge for up to 10 days.')).toMatch(/10 days/);
    expect(keepsTooLong('Keeps 3 days in the fridge.')).toBeNull();
    expect(keepsTooLong('Freeze for up to 3 months.')).toBeNull();
    expect(keepsTooLong('Soak for a week in brine.')).toBeNull();
  });
});
