import type { Food } from '../food/food.ts';
import type { DishKind } from '../version/dish-words.ts';
import type { BoxPlace, CookAs } from './cook.ts';
import { isRice } from './keep-until.ts';

interface HeatedBox {
  readonly as: CookAs;
  readonly place: BoxPlace;
  /** Whether the dish is eaten hot. */
  readonly isHeated: boolean;
  /** Whether the box may go into the microwave; null where nobody said. */
  readonly microwave: boolean | null;
}

/** How a box is made ready to eat, in words. USDA FSIS: leftovers to 165 °F (74 °C), thawed in the refrigerator. */
export function reheatWords({ as, place, isHeated, microwave }: HeatedBox): string {
  const thaw = place === 'freezer' ? 'Thaw it in the fridge. ' : '';
  if (as === 'kits') return `${thaw}Raw: cook it through as the recipe says.`;
  if (!isHeated) return `${thaw}Eat it cold.`;
  const where = microwave === false ? ', on a plate: this box is not for the microwave' : '';
  return `${thaw}Reheat to 165 °F (74 °C)${where}.`;
}

/** A word of care with who says so. */
interface Advice {
  readonly words: string;
  readonly source: string;
}

/** What is told of a kit that was packed raw. */
export const KIT_ADVICE: readonly Advice[] = [
  { words: 'Keep raw kits at 40 °F (4 °C) or colder, below what is eaten raw.', source: 'USDA FSIS' },
  {
    words: 'Thaw them in the fridge, never on the counter. What was thawed there may be frozen again.',
    source: 'USDA FSIS',
  },
];

/** Baked through and dry, these need no fridge: common practice. */
const DRY: ReadonlySet<DishKind> = new Set<DishKind>(['cookie', 'batter cake', 'yeast dough', 'confection']);
/** What spoils out of the cold, whatever it is baked into. */
const spoils = (f: Food): boolean =>
  (f.kinds.includes('dairy') && !/butter\b/i.test(f.name)) ||
  f.kinds.some((k) => k === 'meat' || k === 'poultry' || k === 'fish' || k === 'shellfish');

/**
 * What is told of a box that is carried, to work or to a picnic. USDA FSIS, "Keeping bag lunches safe"; rice by the UK
 * FSA.
 *
 * @param isHeated whether it is eaten hot
 * @param kind what dish it is, where that is known
 */
export function carriedAdvice(foods: readonly Food[], isHeated: boolean, kind: DishKind | null = null): Advice[] {
  if (kind !== null && DRY.has(kind) && !foods.some(spoils)) return [];
  const said: Advice[] = [
    {
      words: 'Carry it with a cold pack. Without one it is good for 2 hours, for 1 hour above 90 °F (32 °C).',
      source: 'USDA FSIS',
    },
  ];
  if (isHeated)
    said.push({
      words:
        'Reheat it to 165 °F (74 °C) before it is eaten, or carry it steaming in a flask that was filled with boiling water first.',
      source: 'USDA FSIS',
    });
  if (foods.some(isRice))
    said.push({ words: 'Rice: cool it within an hour, keep it cold, and heat it once only.', source: 'UK FSA' });
  return said;
}
