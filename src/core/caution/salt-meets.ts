import type { Food } from '../food/food.ts';
import type { Line } from '../version/version.ts';

/** Cured or pickled: this much sodium in 100 g, mg. */
const CURED_MG = 700;
/** What salts a dish by the spoon or the cube, by name. */
const SALTY =
  /\b(?:soy sauce|tamari|fish sauce|oyster sauce|bouillon|stock cube|miso|olives?|capers|gherkins?|pickles?|anchov\w*|feta|parmesan|pecorino|halloumi|seasoned salt)\b/i;
/** Soups that are bought salted, condensed or not. */
const SOUP = /\bsoup\b/i;

/**
 * A warning when salt meets salt: broth, something cured, something salty by nature, and salt added, two of them at
 * least, or two cured things. Null when they do not meet.
 *
 * @param food the pantry, for the foods of the lines.
 */
export function saltMeets(lines: readonly Line[], food: (id: string) => Food | null): string | null {
  const there = lines.filter((l) => !l.leftOut);
  const foods = there.flatMap((l) => (l.food.kind === 'food' ? [food(l.food.foodId)] : [])).filter((f) => f !== null);
  const sodium = (f: Food): number => f.per100g.sodium.value ?? 0;
  const broth = foods.filter((f) => f.kinds.includes('broth') || (SOUP.test(f.name) && sodium(f) > 250));
  const cured = foods.filter(
    (f) =>
      sodium(f) >= CURED_MG &&
      f.kinds.some((k) => k === 'meat' || k === 'fish' || k === 'poultry' || k === 'poultrydeli'),
  );
  const salty = foods.filter((f) => !broth.includes(f) && !cured.includes(f) && SALTY.test(f.name) && sodium(f) > 300);
  const added = there.some((l) => /\bsalt\b/i.test(l.item) && !/unsalted/i.test(l.item));
  const sources = [...broth.slice(0, 1), ...cured, ...salty].map((f) => f.name);
  const names = [...new Set([...sources, ...(added ? ['added salt'] : [])])].slice(0, MOST_NAMED);
  if (sources.length === 0 || names.length < 2) return null;
  return `Salt on salt: ${names.join(' and ')} meet here. Taste before you add any.`;
}

/** So many are named. */
const MOST_NAMED = 4;
