import { describe, expect, it } from 'vitest';
import { shippedFood } from '../../../tests/support/test-version.ts';
import type { Allergen, Food } from '../food/food.ts';
import { soiledBy } from './soiled.ts';

const soils = (ids: readonly string[], mind: readonly Allergen[] = []): number =>
  soiledBy(
    ids.map((id) => shippedFood(id)!),
    false,
    new Set(mind),
  ).soils;
const carrot = () => soils(['carrot']);
const chicken = () => soils(['chicken-breast']);

describe('what foods leave on a board', () => {
  // USDA FSIS, "Bacon and food safety": bacon is sold raw and is kept apart as other raw meat is. From memory.
  it.each(['bacon', 'bacon-back', 'bacon-turkey'])('takes %s for raw meat', (id) => {
    expect(soils([id])).toBe(chicken());
  });
  it.each(['bacon-cooked', 'salami'])('does not take %s for raw', (id) => {
    expect(soils([id])).toBe(carrot());
  });
  it('takes what a household typed off a package for raw, unless its name says that it is ready to eat', () => {
    const typed = (name: string): Food => ({ ...shippedFood('chicken-breast')!, id: 'own', name, state: 'as is' });
    const of = (name: string) => soiledBy([typed(name)], false, new Set()).soils;
    expect(of('minced turkey')).toBe(chicken());
    expect(of('smoked back bacon')).toBe(chicken());
    expect(of('smoked turkey ham')).toBe(carrot());
  });
  it('leaves more of raw meat than of onion, and most of what somebody must not have', () => {
    expect(chicken()).toBeGreaterThan(soils(['onion']));
    expect(soils(['onion'])).toBeGreaterThan(carrot());
    expect(soils(['walnuts'], ['tree-nuts'])).toBeGreaterThan(chicken());
  });
});
