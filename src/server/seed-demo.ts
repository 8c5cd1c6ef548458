import { format, nextSaturday, parseISO } from 'date-fns';
import { v7 as uuid } from 'uuid';
import { DEMO_EATERS, DEMO_FEAST, DEMO_HOUSEHOLD } from '../../demo/household.ts';
import { DEMO_RECIPES, type DemoChange, type DemoRecipe } from '../../demo/recipes.ts';
import { factsOfText } from '../contract/facts-of-text.ts';
import type { NewRecipe } from '../contract/recipe.ts';
import { USUAL_PASS_ON } from '../core/card/pass-on.ts';
import type { Feast, FeastDish } from '../core/feast/feast.ts';
import type { Food } from '../core/food/food.ts';
import { type FoodIndex, indexFoods } from '../core/food/match-food.ts';
import { readRecipe } from '../core/page/read-page.ts';
import { dayIn } from '../core/quantity/calendar-day.ts';
import { applySwap, withWeight } from '../core/swap/apply-swap.ts';
import { SWAPS } from '../core/swap/library.ts';
import { asWritten } from '../core/version/as-written.ts';
import { dishWeight } from '../core/version/dish-weight.ts';
import { applyEntry, lineChange } from '../core/version/entry.ts';
import { lightenedCopy } from '../core/version/lightened-copy.ts';
import { lineOf } from '../core/version/line-of.ts';
import type { Line, Version } from '../core/version/version.ts';
import { readIngredient } from '../core/weighing/read-ingredient.ts';
import { withExpectedLosses } from '../core/yield/expected-loss.ts';
import { type DemoVersions, seedCooks } from './seed-cooks.ts';
import { seedWeek } from './seed-week.ts';
import { EATERS } from './store/eater-shelf.ts';
import { appendEntry, makeDocument } from './store/entries.ts';
import { FEASTS } from './store/feast-shelf.ts';
import { pantryOf } from './store/foods.ts';
import { addHousehold } from './store/households.ts';
import { addRecipe } from './store/recipes.ts';
import { type Scope, type StoreContext, scopeOf } from './store/scope.ts';
import { VERSIONS } from './store/version-shelf.ts';
import { write } from './store/write.ts';

/**
 * Puts the demo household into a database, all or nothing: eaters, dishes, a lightened version of each, a feast,
 * what was cooked lately, eaten and is planned.
 *
 * @param id - of the household; under any other than the usual one, the ids of its eaters and its feast begin with it
 */
export async function seedDemo(context: StoreContext, id: string = DEMO_HOUSEHOLD.id): Promise<void> {
  const { clock } = context;
  const household = {
    ...DEMO_HOUSEHOLD,
    id,
    demo: true,
    system: 'us',
    region: 'gb',
    zone: systemZone(),
    sourceWords: {},
  } as const;
  const idIn: IdIn = (own) => (id === DEMO_HOUSEHOLD.id ? own : `${id}-${own}`);
  await addHousehold(context, household, clock().toISOString());
  await write(scopeOf(context, household.id), async (s) => {
    for (const eater of DEMO_EATERS) {
      const own = { ...eater, id: idIn(eater.id) };
      await makeDocument(s, EATERS, own.id, own);
    }
    const foods = await pantryOf(s);
    const index = indexFoods(foods);
    const done = new Map<string, Version>();
    const dishes = new Map<string, DemoVersions>();
    for (const recipe of DEMO_RECIPES) {
      const dish = await bringIn(s, recipe, index, done);
      dishes.set(dish.title, { asWritten: dish.asWritten, lightened: await lighten(s, dish, foods) });
    }
    const today = dayIn(clock(), systemZone());
    await planFeast(s, done, idIn, today);
    await seedCooks(s, dishes, idIn, today);
    await seedWeek(s, dishes, idIn, today);
  });
}

/** The id that a document of the demo has in this household. */
type IdIn = (own: string) => string;

/** The harvest supper, on the first Saturday after this day (YYYY-MM-DD). */
async function planFeast(s: Scope, done: ReadonlyMap<string, Version>, idIn: IdIn, today: string): Promise<void> {
  const { dishes, id, targets, ...rest } = DEMO_FEAST;
  const feast: Feast = {
    ...rest,
    bought: [],
    id: idIn(id),
    targets: Object.fromEntries(Object.entries(targets).map(([eater, points]) => [idIn(eater), points])),
    day: format(nextSaturday(parseISO(today)), 'yyyy-MM-dd'),
    dishes: dishes.map(({ title, mostDeparture }): FeastDish => {
      const version = done.get(title);
      if (!version) throw new Error(`The demo names a dish that is not there: ${title}`);
      return { recipeId: version.recipeId, versionId: version.id, portions: {}, mostDeparture };
    }),
    revision: 0,
  };
  await makeDocument(s, FEASTS, feast.id, feast);
}

export const systemZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC';

/** A dish of the demo that is in the database, and what is still to be made of it. */
interface BroughtIn extends Pick<DemoRecipe, 'lightened'> {
  readonly asWritten: Version;
  readonly title: string;
}

async function bringIn(s: Scope, recipe: DemoRecipe, index: FoodIndex, done: Map<string, Version>): Promise<BroughtIn> {
  const text = readRecipe(recipe.text);
  const recipeId = uuid();
  const lines = text.ingredients.map((i): Line => {
    const line = lineOf(readIngredient(i.text, i.group, index, 'us'), uuid());
    const take = recipe.takes?.find((t) => line.item.includes(t.line));
    const inner = take && done.get(take.from);
    if (!inner || line.weight === null) return line;
    return {
      ...line,
      food: { kind: 'recipe', recipeId: inner.recipeId, versionId: inner.id },
      weight: { ...line.weight, grams: Math.min(line.weight.grams, dishWeight(inner)) },
    };
  });
  const { servings, steps } = text;
  const title = text.title ?? 'Untitled';
  const food = (id: string): Food | null => index.foods.find((f) => f.id === id) ?? null;
  const read = asWritten({ id: uuid(), recipeId, servings, lines, steps, stepId: () => uuid() });
  const first = withExpectedLosses(read, food, title);
  const body = {
    id: recipeId,
    title,
    credit: { author: recipe.author, url: null, whose: 'family' },
    claims: [...text.claims],
    facts: factsOfText(text),
    settled: [],
    shownVersionId: null,
    favourite: false,
    passOn: USUAL_PASS_ON,
    notes: '',
    asWritten: first,
  } satisfies NewRecipe;
  await addRecipe(s, body);
  done.set(title, first);
  return { asWritten: first, title, lightened: recipe.lightened };
}

async function lighten(s: Scope, { asWritten, title, lightened }: BroughtIn, foods: readonly Food[]): Promise<Version> {
  const byId = new Map(foods.map((f) => [f.id, f]));
  let version = lightenedCopy(asWritten, lightened.name, () => uuid());
  await makeDocument(s, VERSIONS, version.id, version);
  for (const change of lightened.changes) {
    const entry = {
      id: uuid(),
      label: labelOf(change),
      undoes: null,
      changes: changesFor(version, title, change, byId),
    };
    await appendEntry(s, VERSIONS, version.id, entry, { exactly: version.revision });
    version = applyEntry(version, entry);
  }
  return version;
}

const labelOf = (c: DemoChange): string =>
  'swap' in c ? `Swap ${c.line}` : 'keep' in c ? `Keep ${c.line}` : `Less ${c.line}`;

function changesFor(version: Version, title: string, change: DemoChange, foods: ReadonlyMap<string, Food>) {
  const line = version.lines.find((l) => l.item.includes(change.line) && l.swapId === null);
  if (!line) throw new Error(`The demo names a line that is not there: ${change.line}`);
  if ('keep' in change) return [lineChange(version, line.id, { ...line, kept: true })];
  if ('grams' in change) {
    const food = line.food.kind === 'food' ? (foods.get(line.food.foodId) ?? null) : null;
    const weight = { grams: change.grams, low: change.grams, high: change.grams, from: 'weight' as const };
    return [lineChange(version, line.id, withWeight(line, weight, food, 'us'))];
  }
  const swap = SWAPS.find((x) => x.id === change.swap);
  if (!swap) throw new Error(`The demo names a swap that is not there: ${change.swap}`);
  const food = (id: string): Food | null => foods.get(id) ?? null;
  return applySwap(version, line.id, swap, { food, title, system: 'us', newId: () => uuid() });
}
