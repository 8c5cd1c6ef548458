import { dishKindOf } from '../dish/dish-kind.ts';
import type { Food } from '../food/food.ts';
import { trimmed } from '../quantity/format-amount.ts';
import type { Interval } from '../quantity/interval.ts';
import { eatenOf } from '../version/dish-weight.ts';
import type { DishKind } from '../version/dish-words.ts';
import type { Version } from '../version/version.ts';

/**
 * What is left of the raw weight of a dish, by its kind. From memory of the yields that the USDA publishes for meat and
 * poultry (Table of Cooking Yields: roasted and fried 65 to 80 %) and of what bakers reckon as loss in the oven
 * (8 to 15 %); the rest is common practice. Until somebody weighs it, it is a guess.
 */
const COOKED: Readonly<Partial<Record<DishKind, Interval>>> = {
  'batter cake': { low: 0.86, high: 0.92 },
  cookie: { low: 0.83, high: 0.9 },
  'yeast dough': { low: 0.85, high: 0.91 },
  pastry: { low: 0.85, high: 0.93 },
  crumble: { low: 0.8, high: 0.9 },
  custard: { low: 0.88, high: 0.96 },
  confection: { low: 0.78, high: 0.92 },
  soup: { low: 0.85, high: 0.96 },
  stew: { low: 0.78, high: 0.92 },
  sauce: { low: 0.7, high: 0.92 },
  'roux sauce': { low: 0.86, high: 0.96 },
  bake: { low: 0.82, high: 0.94 },
  gratin: { low: 0.82, high: 0.94 },
  fried: { low: 0.7, high: 0.85 },
  breaded: { low: 0.75, high: 0.88 },
  roast: { low: 0.65, high: 0.8 },
  mash: { low: 0.9, high: 1 },
  filled: { low: 0.8, high: 0.94 },
};
const HEATED = /\b(?:bake|boil|simmer|fry|roast|grill|brown|cook|heat|saut|steam|stew|melt|poach|toast|oven)/i;
/** What is boiled in water that no line has takes so many times its weight: common practice and package labels. */
const TAKES_UP: ReadonlyArray<readonly [test: (f: Food) => boolean, times: number]> = [
  [(f) => f.kinds.includes('pasta') && f.state === 'dry', 1.25],
  [(f) => /^rice-(?:white|brown|wild)$/.test(f.id), 1.9],
  [(f) => /^(?:couscous|bulgur|quinoa|millet|buckwheat|barley|lentils.*|.*-dry|chickpeas-dry)$/.test(f.id), 1.4],
];
const BOILED = /\b(?:boil|cook|simmer)\b/i;

/** Whether the steps heat a dish, so that it is eaten hot. */
export const isHeated = (version: Pick<Version, 'steps'>): boolean => version.steps.some((s) => HEATED.test(s.text));

/**
 * What a dish weighs cooked, g, as an estimate; null where nothing is heated, or nobody says how it is made.
 *
 * @param food the pantry, in the revisions or the newest
 */
export function cookedWeight(version: Version, food: (id: string) => Food | null, title = ''): Interval | null {
  if (!isHeated(version)) return null;
  const steps = version.steps.map((s) => s.text).join('\n');
  const share = COOKED[dishKindOf(version, title, food)] ?? { low: 0.8, high: 0.98 };
  const lines = version.lines.filter((l) => !l.leftOut);
  const raw = lines.reduce((g, l) => g + eatenOf(l), 0);
  const liquid = lines.some((l) => {
    const own = l.food.kind === 'food' ? food(l.food.foodId) : null;
    return own !== null && (own.kinds.includes('broth') || own.id === 'water' || own.roles[0] === 'creaminess');
  });
  const water = lines.reduce((g, l) => {
    const own = l.food.kind === 'food' ? food(l.food.foodId) : null;
    const times = own === null || liquid || !BOILED.test(steps) ? 0 : (TAKES_UP.find(([is]) => is(own))?.[1] ?? 0);
    return g + eatenOf(l) * times;
  }, 0);
  return raw > 0 ? { low: raw * share.low + water * 0.9, high: raw * share.high + water * 1.1 } : null;
}

/**
 * What a serving weighs, in words that say whether it is raw or cooked. A cooked weight without any doubt was weighed.
 *
 * @example servingWeightWords(310, { low: 260, high: 285 }) // 'about 310 g raw, 260 to 285 g cooked (estimated)'
 */
export function servingWeightWords(grams: number, cooked: Interval | null): string {
  const raw = `about ${Math.round(grams)} g`;
  if (cooked === null) return raw;
  if (cooked.low === cooked.high) return `${raw} raw, ${Math.round(cooked.low)} g cooked (weighed)`;
  const step = cooked.high >= 100 ? 10 : 5;
  const near = (g: number): string => trimmed(Math.round(g / step) * step, 0);
  const [low, high] = [near(cooked.low), near(cooked.high)];
  return `${raw} raw, ${low === high ? `about ${low}` : `${low} to ${high}`} g cooked (estimated)`;
}
