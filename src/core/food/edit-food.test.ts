import { describe, expect, it } from 'vitest';
import { shippedFood } from '../../../tests/support/test-version.ts';
import { editFood, editOf, ownCopy } from './edit-food.ts';
import { profileOf } from './nutrients.ts';

const food = {
  ...shippedFood('jam')!,
  per100g: profileOf({ kcal: 250, carbs: 60 }, { kcal: { low: 245, high: 255 } }),
};

describe('changing an own food', () => {
  it('changes nothing when nothing is changed', () => expect(editFood(food, editOf(food))).toEqual(food));
  it('keeps what rounding hides of values that stay, and takes changed ones as written', () => {
    const edit = editOf(food);
    const changed = editFood(food, {
      ...edit,
      name: 'Quince jam',
      per100g: { ...edit.per100g, carbs: 62, sugars: 58 },
    });
    expect(changed).toMatchObject({ name: 'Quince jam', source: 'the cook' });
    expect(changed.per100g.kcal).toEqual({ value: 250, low: 245, high: 255 });
    expect(changed.per100g.carbs).toEqual({ value: 62, low: 62, high: 62 });
    expect(changed.per100g.protein.value).toBeNull();
    expect(changed.per100g.addedSugars.high).toBe(58);
  });
  it('makes a shipped food one’s own', () => {
    expect(ownCopy(food, 'mine')).toMatchObject({
      id: 'mine',
      revision: 1,
      name: `${food.name}, ours`,
      group: 'own foods',
    });
  });
});
