/** What of a household may go out alone, beside the whole of it. */
export const HOUSEHOLD_PARTS = ['recipes', 'programs', 'foods', 'swaps', 'feasts'] as const;
export type HouseholdPart = (typeof HOUSEHOLD_PARTS)[number];

/** As much of a household's file as its parts are made of. */
interface Divisible {
  readonly programs: readonly unknown[];
  readonly foods: readonly {
    readonly own: boolean;
    readonly food: { readonly id: string; readonly revision: number };
  }[];
  readonly recipes: readonly { readonly id: string }[];
  readonly versions: readonly { readonly id: string; readonly recipeId: string; readonly lines: readonly unknown[] }[];
  readonly documents: Readonly<Record<string, readonly unknown[]>>;
  readonly counted: readonly unknown[];
  readonly closed: readonly unknown[];
  readonly pictures: readonly { readonly recipeId: string }[];
}

/**
 * A file with some parts of a household, and what they cannot be understood without: feasts bring the recipes on them,
 * recipes those that they are made of and the foods that their lines name, swaps the own foods.
 */
export function partsOfHousehold<F extends Divisible>(file: F, parts: ReadonlySet<HouseholdPart>): F {
  const feasts = parts.has('feasts') ? (file.documents.feasts ?? []) : [];
  const recipes = parts.has('recipes') ? new Set(file.recipes.map((r) => r.id)) : recipesOn(feasts, file);
  const versions = file.versions.filter((v) => recipes.has(v.recipeId));
  const named = textsIn(versions.map((v) => v.lines));
  const takesOwn = parts.has('foods') || parts.has('swaps');
  const kept: Readonly<Record<string, readonly unknown[]>> = {
    feasts,
    swaps: parts.has('swaps') ? (file.documents.swaps ?? []) : [],
  };
  return {
    ...file,
    programs: parts.has('programs') ? file.programs : [],
    foods: file.foods.filter((f) => (takesOwn && f.own) || named.has(f.food.id)),
    recipes: file.recipes.filter((r) => recipes.has(r.id)),
    versions,
    documents: Object.fromEntries(Object.keys(file.documents).map((kind) => [kind, kept[kind] ?? []])),
    counted: [],
    closed: [],
    pictures: file.pictures.filter((p) => recipes.has(p.recipeId)),
  };
}

/** The recipes that feasts name, and those that these are made of. */
function recipesOn(feasts: readonly unknown[], file: Divisible): ReadonlySet<string> {
  const byVersion = new Map(file.versions.map((v) => [v.id, v.recipeId]));
  const found = new Set<string>();
  const add = (said: unknown): void => {
    for (const text of textsIn(said)) {
      const recipe = byVersion.get(text);
      if (recipe === undefined || found.has(recipe)) continue;
      found.add(recipe);
      add(file.versions.filter((v) => v.recipeId === recipe).map((v) => v.lines));
    }
  };
  add(feasts);
  return found;
}

/** Every text in a value: ids are among them. */
function textsIn(value: unknown, out = new Set<string>()): Set<string> {
  if (typeof value === 'string') out.add(value);
  else if (typeof value === 'object' && value !== null) for (const v of Object.values(value)) textsIn(v, out);
  return out;
}
