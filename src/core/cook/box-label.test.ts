import { describe, expect, it } from 'vitest';
import { testBox } from '../../../tests/support/test-box.ts';
import { shippedFood } from '../../../tests/support/test-version.ts';
import { boxLabel } from './box-label.ts';

const box = testBox('box-1', {
  title: 'Goulash',
  grams: 412.4,
  eaterId: 'runa',
  apart: [{ label: 'walnuts', how: 'cup' }],
  place: 'freezer',
  packed: '2026-11-27',
  keepUntil: '2027-02-25',
  counts: [
    { key: 'runa', mark: 'LE', programId: 'p', programRevision: 1, raw: 4.4, points: 4, low: 4, high: 5 },
    { key: 'tomas', mark: 'LA', programId: 'q', programRevision: 1, raw: 2, points: 2, low: 2, high: 2 },
  ],
  kcal: 380.2,
  protein: 30,
});
const foods = [shippedFood('milk-whole') ?? shippedFood('cream-heavy')!, shippedFood('flour-white')!];

describe('a label', () => {
  it('says what, whose points, calories, the dates, how to heat it, what is in it', () => {
    const label = boxLabel(box, { whose: 'Runa', foods, isHeated: true, microwave: null });
    expect(label.title).toBe('Goulash');
    expect(label.whose).toBe('for Runa');
    expect(label.counts).toEqual(['LE 4, maybe 5', 'LA 2']);
    expect(label.about).toBe('380 kcal, 412 g');
    expect(label.dates).toMatch(/^Packed .*27.*Nov.*, eat by .*25.*Feb/);
    expect(label.heat).toBe('Thaw it in the fridge. Reheat to 165 °F (74 °C).');
    expect(label.apart).toEqual(['walnuts: in a cup of its own']);
    expect(label.allergens).toMatch(/^Contains .*gluten.*milk|^Contains .*milk.*gluten/);
  });
  it('is of a raw kit to be cooked by its day', () => {
    const kit = boxLabel(
      { ...box, as: 'kits', apart: [], grams: null, kcal: null },
      {
        whose: null,
        foods: [],
        isHeated: true,
        microwave: false,
      },
    );
    expect(kit).toMatchObject({ title: 'Goulash, raw kit', whose: 'for anybody', about: '', allergens: '', apart: [] });
    expect(kit.dates).toMatch(/cook by/);
  });
});
