import { dishKindOf } from '../dish/dish-kind.ts';
import type { Food } from '../food/food.ts';
import type { CountingEater } from '../table/table.ts';
import type { DishKind } from '../version/dish-words.ts';
import type { Kitchen } from '../version/kitchen.ts';
import { shownVersion } from '../version/shown-version.ts';
import type { Version } from '../version/version.ts';
import { countVersion } from './count-version.ts';
import { foodsOf } from './foods-of.ts';

/** What the list shows of a recipe's counts. */
export interface RecipeListing {
  readonly version: Version;
  readonly versions: number;
  readonly kcal: number | null;
  /** What a serving weighs as it goes into the pot, g. */
  readonly servingGrams: number;
  /** How many lines wait for an answer. */
  readonly open: number;
  /** A serving for everyone who counts; beside it, where the shown version is a lightened one, as written. */
  readonly points: readonly {
    readonly counter: string;
    readonly mark: string;
    readonly points: number;
    readonly was: number | null;
    readonly complete: boolean;
    readonly low: number;
    readonly high: number;
  }[];
  /** What is in it, for those who must not or will not eat something. */
  readonly foods: readonly Food[];
  readonly dish: DishKind;
}

/** What is listed: a recipe with its versions in the order in which they were made. */
export interface Listed {
  readonly title: string;
  readonly versions: readonly Version[];
  /** The cook's choice of what is shown. */
  readonly shownVersionId: string | null;
}

/** Counts what the list shows of a recipe; null when it has no version to show. */
export function listRecipe(
  { title, versions, shownVersionId }: Listed,
  kitchen: Kitchen,
  eaters: readonly CountingEater[],
): RecipeListing | null {
  const shown = shownVersion(versions, shownVersionId);
  if (shown === null) return null;
  const counters = eaters.map((e) => e.counter);
  const now = countVersion(shown, kitchen, counters);
  const foods = foodsOf(now);
  const byId = new Map(foods.map((f) => [f.id, f]));
  const asWritten = versions.find((v) => v.kind === 'asWritten');
  const was = asWritten === undefined || asWritten === shown ? null : countVersion(asWritten, kitchen, counters);
  return {
    version: shown,
    versions: versions.length,
    kcal: now.perServing.kcal.value,
    servingGrams: now.servingGrams,
    open: now.open.length,
    points: eaters.map((e, i) => ({
      counter: e.key,
      mark: e.program.mark,
      points: now.counts[i]!.points,
      was: was?.counts[i]!.points ?? null,
      complete: now.counts[i]!.complete,
      low: now.counts[i]!.pointsRange.low,
      high: now.counts[i]!.pointsRange.high,
    })),
    foods,
    dish: dishKindOf(shown, title, (id) => byId.get(id) ?? null),
  };
}
