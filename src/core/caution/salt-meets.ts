import type { Food } from '../food/food.ts';
import type { Line } from '../version/version.ts';

/** Cured or pickled: this much sodium in 100 g, mg. */
const CURED_MG = 700;

/**
 * A warning when salt meets salt: broth, something cured, and salt added, two of them at least. Null when they do not
 * meet.
 *
 * @param food the pantry, for the foods of the lines.
 */
export function saltMeets(lines: readonly Line[], food: (id: string) => Food | null): string | null {
  const there = lines.filter((l) => !l.leftOut);
  const foods = there.flatMap((l) => (l.food.kind === 'food' ? [food(l.food.foodId)] : [])).filter((f) => f !== null);
  const broth = foods.find((f) => f.kinds.includes('broth'));
  const cured = foods.find(
    (f) =>
      (f.per100g.sodium.value ?? 0) >= CURED_MG &&
      f.kinds.some((k) => k === 'meat' || k === 'fish' || k === 'poultry' || k === 'poultrydeli'),
  );
  const added = there.some((l) => /\bsalt\b/i.test(l.item) && !/unsalted/i.test(l.item));
  const names = [broth?.name, cured?.name, added ? 'added salt' : undefined].filter((n) => n !== undefined);
  if (names.length < 2 || (broth === undefined && cured === undefined)) return null;
  return `Salt on salt: ${names.join(' and ')} meet here. Taste before you add any.`;
}
