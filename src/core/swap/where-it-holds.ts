import type { DishKind } from '../dish/dish-kind.ts';
import type { Technique } from '../dish/technique.ts';

/** Where a swap holds: in which dishes, and where the steps do what with the line. What is left out is no condition. */
export interface WhereItHolds {
  readonly swaps: readonly string[];
  readonly dishes?: readonly DishKind[];
  readonly notDishes?: readonly DishKind[];
  readonly techniques?: readonly Technique[];
  readonly notTechniques?: readonly Technique[];
}

const DRY_DOUGHS = ['cookie', 'yeast dough', 'pastry', 'crumble'] as const;

/** Common practice: what a swap does to a dish that it is not made for. */
export const WHERE_SWAPS_HOLD: readonly WhereItHolds[] = [
  // Purées and yogurt hold the moisture of a batter that bakes; nothing else.
  {
    swaps: ['fat-to-applesauce', 'fat-to-yogurt', 'fat-to-pumpkin', 'fat-to-banana', 'fat-to-prune', 'cakemix-yogurt'],
    dishes: ['batter cake'],
  },
  { swaps: ['fat-third-yogurt'], dishes: ['yeast dough'] },
  // Half of a fat with nothing in its place: not where it makes the crumb, the crust or the sauce.
  {
    swaps: ['fat-less'],
    notDishes: ['batter cake', 'confection', ...DRY_DOUGHS],
    notTechniques: ['make a roux', 'whisk to an emulsion', 'cream', 'rub in', 'melt into'],
  },
  { swaps: ['dressing-fat-broth'], techniques: ['dress'] },
  // Light butter and margarine are half water.
  {
    swaps: ['butter-to-light', 'margarine-light'],
    notDishes: ['confection', ...DRY_DOUGHS],
    notTechniques: ['make a roux', 'whisk to an emulsion', 'deep-fry', 'fry in'],
  },
  { swaps: ['flour-out', 'flour-to-starch'], notTechniques: ['make a roux', 'dredge', 'bread'] },
  // What does not whip, and what breaks where cream sets or boils down.
  {
    swaps: ['cream-to-evaporated', 'cream-half-evaporated', 'cream-to-cauliflower', 'cream-to-half', 'cream-to-yogurt'],
    notDishes: ['confection', 'whipped'],
    notTechniques: ['whip'],
  },
  { swaps: ['cream-to-yogurt', 'cream-to-cauliflower'], notDishes: ['custard', 'pastry', 'drink'] },
  { swaps: ['whipped-to-topping'], techniques: ['whip'] },
  { swaps: ['cheese-third-parmesan'], notTechniques: ['melt into'], notDishes: ['roux sauce', 'spread'] },
  { swaps: ['mash-cauliflower'], dishes: ['mash'] },
  { swaps: ['rice-less'], dishes: ['soup', 'custard'] },
  { swaps: ['syrup-sugarfree'], notDishes: ['confection', 'pastry', 'cookie'] },
  { swaps: ['sugar-less'], notDishes: ['yeast dough', 'confection', 'whipped'] },
  { swaps: ['sugar-half-sweetener', 'sugar-half-stevia'], notDishes: ['confection', 'yeast dough'] },
  // Crumbs that hold a mince together are no crumbs on top.
  { swaps: ['crumbs-less'], notDishes: ['breaded'], notTechniques: ['bread', 'bind', 'rub in'] },
];

/**
 * Whether a swap holds in a dish, where the steps do this with the line. Where nobody knows the dish or what is done,
 * only a condition that forbids can fail, and one that asks for a technique waits for the steps to say it.
 */
export function holdsIn(swapId: string, dish: DishKind, technique: Technique | null, hasSteps: boolean): boolean {
  return WHERE_SWAPS_HOLD.filter((w) => w.swaps.includes(swapId)).every((w) => {
    if (w.notDishes?.includes(dish) || (technique !== null && w.notTechniques?.includes(technique))) return false;
    if (!hasSteps) return true;
    if (w.dishes !== undefined && !w.dishes.includes(dish)) return false;
    return w.techniques === undefined || (technique !== null && w.techniques.includes(technique));
  });
}
