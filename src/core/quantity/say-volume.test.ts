import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readLine } from '../reading/read-line.ts';
import { sayVolume } from './say-volume.ts';

describe('a volume in the measures a kitchen has', () => {
  it.each<[number, string | null, string]>([
    [1 / 6, 'cup', '2 tbsp + 2 tsp'],
    [0.375, 'cup', '¼ cup + 2 tbsp'],
    [0.75, 'cup', '¾ cup'],
    [1 / 8, 'cup', '2 tbsp'],
    [1.5, 'cup', '1½ cups'],
    [5 / 3, 'cup', '1⅔ cups'],
    [4.5, 'tablespoon', '¼ cup + 1½ tsp'],
    [6, 'teaspoon', '2 tbsp'],
    [0.5, 'teaspoon', '½ tsp'],
    [1.5, 'tablespoon', '1½ tbsp'],
    [300, 'gram', '300 g'],
    [2, null, '2'],
  ])('%f %s is %s', (quantity, unit, said) => expect(sayVolume(quantity, unit)).toBe(said));
  it.each([
    [5 / 16, '¼ cup + 1 tbsp'],
    [7 / 16, '¼ cup + 3 tbsp'],
    [11 / 16, '½ cup + 3 tbsp'],
  ])('%f cup is %s: a whole spoon beside the cup', (cups, said) => expect(sayVolume(cups, 'cup')).toBe(said));
  it('is read back as about the same amount', () => {
    const teaspoons: Record<string, number> = { cup: 48, tablespoon: 3, teaspoon: 1 };
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 40, noNaN: true }), fc.constantFrom('cup', 'tablespoon'), (q, unit) => {
        const r = readLine(`${sayVolume(q, unit)} oil`);
        const back =
          r.quantity! * teaspoons[r.unit!]! + r.parts.reduce((s, p) => s + p.quantity * teaspoons[p.unit!]!, 0);
        const asked = q * teaspoons[unit]!;
        expect(Math.abs(back - asked)).toBeLessThanOrEqual(Math.max(0.3, 0.05 * asked));
      }),
    );
  });
});

describe('a quarter of a cup', () => {
  it('is said in cups, and a little less in spoons', () => {
    expect(sayVolume(4, 'tablespoon')).toBe('¼ cup');
    expect(sayVolume(12, 'teaspoon')).toBe('¼ cup');
    expect(sayVolume(3.5, 'tablespoon')).toBe('3½ tbsp');
  });
});

describe('twelve teaspoons', () => {
  it('are a quarter of a cup to the last bit', () => {
    expect(sayVolume(12 - 1e-10, 'teaspoon')).toBe('¼ cup');
    expect(sayVolume(11.9, 'teaspoon')).not.toContain('cup');
  });
});
