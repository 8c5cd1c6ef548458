import type { RecipeOrder, RecipeQuery, RecipeSummary } from '../../contract/recipe.ts';
import type { Appliance } from '../../core/dish/dish-facts.ts';
import type { DishKind } from '../../core/version/dish-words.ts';

/** What part of the recipes is looked at. */
export interface RecipeWish {
  readonly words: string;
  readonly order: RecipeOrder;
  /** Whose points the order and the limit are of. */
  readonly counter: string | null;
  readonly pointsAtMost: number | null;
  readonly kcalAtMost: number | null;
  readonly minutesAtMost: number | null;
  readonly whose: RecipeSummary['whose'] | null;
  readonly dish: DishKind | null;
  readonly appliance: Appliance | null;
  /** Somebody at the table, by the eater's id. */
  readonly canEat: string | null;
  readonly onePot: boolean;
  readonly favourite: boolean;
  readonly inHouse: boolean;
}

/** Everything there is. */
export const NO_WISH: RecipeWish = {
  words: '',
  order: 'changed',
  counter: null,
  pointsAtMost: null,
  kcalAtMost: null,
  minutesAtMost: null,
  whose: null,
  dish: null,
  appliance: null,
  canEat: null,
  onePot: false,
  favourite: false,
  inHouse: false,
};

/** Whether a wish leaves anything out besides what its words do not find. */
export const isNarrowed = (w: RecipeWish): boolean =>
  w.pointsAtMost !== null ||
  w.kcalAtMost !== null ||
  w.minutesAtMost !== null ||
  w.whose !== null ||
  w.dish !== null ||
  w.appliance !== null ||
  w.canEat !== null ||
  w.onePot ||
  w.favourite ||
  w.inHouse;

const yes = (wanted: boolean): 'yes' | undefined => (wanted ? 'yes' : undefined);

/** A wish as the list is asked for it. */
export const queryOf = (w: RecipeWish): Partial<RecipeQuery> => ({
  q: w.words.slice(0, 120),
  order: w.order,
  counter: w.counter ?? undefined,
  pointsAtMost: w.pointsAtMost ?? undefined,
  kcalAtMost: w.kcalAtMost ?? undefined,
  minutesAtMost: w.minutesAtMost ?? undefined,
  whose: w.whose ?? undefined,
  dish: w.dish ?? undefined,
  appliance: w.appliance ?? undefined,
  canEat: w.canEat ?? undefined,
  onePot: yes(w.onePot),
  favourite: yes(w.favourite),
  inHouse: yes(w.inHouse),
});
