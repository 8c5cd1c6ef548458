import { describe, expect, it } from 'vitest';
import { shippedFood } from '../../../tests/support/test-version.ts';
import { householdDeparture, RATHER_NOT } from './household-departure.ts';
import { SWAPS } from './library.ts';

const swap = (id: string) => SWAPS.find((s) => s.id === id)!;
const taste = (...ratherNot: string[]) => ({ verdicts: [], ratherNot, food: shippedFood });

describe('what somebody would rather not eat', () => {
  it('makes what brings it in depart more, and forbids nothing', () => {
    const mushrooms = swap('beef-half-mushroom');
    expect(householdDeparture(mushrooms, 'inDish', taste('mushrooms'))).toBe(mushrooms.departure + RATHER_NOT);
    expect(householdDeparture(mushrooms, 'inDish', taste('liver'))).toBe(mushrooms.departure);
  });
  it('is none of what only takes some of it away', () => {
    const bacon = swap('bacon-less');
    expect(householdDeparture(bacon, 'inDish', taste('bacon'))).toBe(bacon.departure);
  });
});
