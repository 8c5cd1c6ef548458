import { describe, expect, it } from 'vitest';
import { kitchenOf, readVersion } from '../../../tests/support/test-version.ts';
import { countVersion } from './count-version.ts';
import { isSaltLeftOut } from './salt-left-out.ts';

const sodium = (lines: readonly string[]) => {
  const counted = countVersion(readVersion(lines, { servings: 1 }), kitchenOf(), []);
  return { mg: Math.round(counted.perServing.sodium.value ?? 0), without: counted.saltLeftOut };
};

describe('the sodium of a serving', () => {
  // By the published table: 38,758 mg in 100 g of table salt, 27,360 mg in 100 g of baking soda (USDA SR 28, from memory).
  it('has the salt and the soda that were measured', () => {
    expect(sodium(['1 tsp salt'])).toEqual({ mg: 2325, without: false });
    expect(sodium(['1 tsp salt', '1 tsp baking soda']).mg).toBe(2325 + 1259);
    expect(sodium(['1 tsp salt', '1 cup white rice']).mg).toBeGreaterThan(2325);
    expect(sodium(['a pinch of salt']).mg).toBe(155);
  });
  it('is told to be without salt that nobody measured', () => {
    expect(sodium(['100 g butter', 'salt to taste'])).toMatchObject({ without: true });
    expect(sodium(['100 g butter', 'salt and pepper'])).toMatchObject({ without: true });
    expect(sodium(['100 g butter', 'pepper to taste', '1 cup water'])).toMatchObject({ without: false });
  });
  it('is without the salt of lines from before it counted', () => {
    const [line] = readVersion(['1 tsp salt']).lines;
    const old = { ...line!, food: { kind: 'nothing' as const, why: 'salt has nothing to count' } };
    expect(isSaltLeftOut([old])).toBe(true);
    expect(isSaltLeftOut([{ ...old, leftOut: true }])).toBe(false);
    expect(isSaltLeftOut([{ ...old, text: 'water, no salt' }])).toBe(false);
  });
});
