import type { Food, Role } from '../food/food.ts';
import { foodWords } from '../food/food-words.ts';
import type { DishKind, Technique } from '../version/dish-words.ts';
import type { Line, Version } from '../version/version.ts';
import { dishKindOf } from './dish-kind.ts';
import { isFat } from './is-fat.ts';
import { useOfLine } from './technique.ts';

/** The part a line plays in its dish, and what it is read from. */
export interface PartOfLine {
  readonly role: Role | null;
  readonly technique: Technique | null;
  /** The steps that use it, from 0. */
  readonly usedIn: readonly number[];
}

/** Techniques in which fat keeps things from sticking and browns them. */
const FOR_THE_PAN: ReadonlySet<Technique> = new Set<Technique>(['fry in', 'deep-fry', 'roast in', 'grease']);
const DOUGH_DISHES: ReadonlySet<DishKind> = new Set<DishKind>([
  'batter cake',
  'cookie',
  'yeast dough',
  'pastry',
  'fried',
]);

/** What a food's part is by what the steps do with it; undefined where that does not decide. */
function roleByUse(own: Food, technique: Technique | null, dish: DishKind, title: string): Role | undefined {
  const onTop = technique === 'scatter on top' || technique === 'serve with';
  if (technique === 'brush') return 'topping';
  if (isFat(own)) {
    if (technique !== null && FOR_THE_PAN.has(technique)) return 'browning';
    return technique === 'scatter on top' ? 'topping' : 'fat';
  }
  if (own.kinds.includes('flour')) {
    if (technique === 'bread') return 'wrapper';
    if (technique === 'dredge') return dish === 'fried' ? 'crunch' : 'thickener';
    if (technique === 'make a roux' || technique === 'thicken') return 'thickener';
    if (dish === 'crumble') return 'crunch';
    return DOUGH_DISHES.has(dish) ? 'starch-base' : 'thickener';
  }
  if (own.kinds.includes('egg')) return 'binder';
  if (/^(?:yeast|baking-)/.test(own.id)) return 'flavour';
  if (/^(?:onion|shallot|leek|garlic|spring-onion)/.test(own.id) && own.kinds.includes('veg')) {
    if (onTop) return 'topping';
    return title.toLowerCase().includes(own.id.split('-')[0]!) ? undefined : 'flavour';
  }
  if (/^(?:parmesan|pecorino)/.test(own.id) && onTop) return 'topping';
  // What is filled holds the rest: the peppers of stuffed peppers.
  if (dish === 'filled' && technique === 'fill' && own.kinds.includes('veg') && isNamedIn(title, own)) return 'wrapper';
  if (own.kinds.includes('fruit') && dish !== 'batter cake') return 'bulk';
  if (/^oats/.test(own.id)) return dish === 'crumble' ? 'crunch' : 'starch-base';
  if (technique === 'marinate') return 'flavour';
  if (own.roles.includes('sweetness') && technique === 'scatter on top' && dish === 'fried') return 'topping';
  return undefined;
}

/** Whether a title has the last word of a food's name. */
const isNamedIn = (title: string, own: Food): boolean => {
  const words = new Set(foodWords(title));
  return foodWords(own.name).some((w) => w.length > 3 && words.has(w));
};

/**
 * The part that a line plays, read from its dish, from what the steps do with it, and from what its food usually does.
 *
 * @param title the recipe's title; empty where nobody knows it
 */
export function partOfLine(line: Line, version: Version, title: string, food: (id: string) => Food | null): PartOfLine {
  const own = line.food.kind === 'food' ? food(line.food.foodId) : null;
  const dish = dishKindOf(version, title, food);
  const { technique, steps } = useOfLine(line, version, dish, food);
  if (own === null) return { role: line.role, technique, usedIn: steps };
  const usual = own.roles[0] ?? null;
  const said = line.role !== null && (line.roleSaid || line.role !== usual) ? line.role : null;
  return { role: said ?? roleByUse(own, technique, dish, title) ?? usual, technique, usedIn: steps };
}
