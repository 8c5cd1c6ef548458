import type { FoodIndex } from '../food/match-food.ts';
import { readRecipe } from '../page/read-page.ts';
import type { RecipeText } from '../page/recipe-text.ts';
import { count } from '../program/count.ts';
import { type Program, plainCounter } from '../program/program.ts';
import type { CountingMethod } from '../program/rule.ts';
import type { MeasureSystem } from '../quantity/measure-system.ts';
import { asWritten } from '../version/as-written.ts';
import { kitchenOf } from '../version/kitchen.ts';
import { lineOf } from '../version/line-of.ts';
import { type Ingredient, readIngredient } from '../weighing/read-ingredient.ts';
import type { GramsFrom } from '../weighing/weigh.ts';
import { countVersion } from './count-version.ts';

/** A recipe read, weighed and counted without a database: what the command line and the API answer. */
export interface Score {
  readonly title: string | null;
  readonly servings: number;
  /** One serving: kcal, and g. Null for what is unknown in every line. */
  readonly perServing: Readonly<Record<'kcal' | 'protein' | 'satFat' | 'sugars' | 'fibre', number | null>>;
  readonly programs: readonly {
    readonly mark: string;
    readonly points: number;
    /** Unrounded, with the interval it lies in. */
    readonly raw: number;
    readonly by: CountingMethod;
    readonly low: number;
    readonly high: number;
  }[];
  readonly lines: readonly {
    readonly line: string;
    readonly food: { readonly id: string; readonly name: string } | null;
    readonly grams: number | null;
    readonly gramsFrom: GramsFrom;
    readonly confidence: number;
    readonly warnings: readonly string[];
    /** Unrounded points a serving, by the mark of the program. */
    readonly raw: Readonly<Record<string, number>>;
    readonly uncounted: readonly string[];
  }[];
  /** Lines that wait for an answer, as written: the count is so far. */
  readonly unresolved: readonly string[];
}

export interface ScoreOptions {
  /** Overrides what the text says; null to take the text's. */
  readonly servings: number | null;
  readonly programs: readonly Program[];
  readonly index: FoodIndex;
  readonly system: MeasureSystem;
  /** Counts all programs this way instead of their own; null for their own. */
  readonly by: CountingMethod | null;
}

/** Reads and counts a pasted recipe. Without any servings, the whole is counted as one. */
export function scoreRecipe(source: string | RecipeText, options: ScoreOptions): Score {
  const text = typeof source === 'string' ? readRecipe(source) : source;
  const { index, programs } = options;
  const read = text.ingredients.map((i) => readIngredient(i.text, i.group, index, options.system));
  const servings = options.servings ?? text.servings ?? 1;
  const version = asWritten({
    id: 'scored',
    recipeId: 'scored',
    servings,
    lines: read.map((r, i) => lineOf(r, `line-${i}`)),
    steps: text.steps,
    stepId: (i) => `step-${i}`,
  });
  const counted = countVersion(version, kitchenOf(index.foods), []);
  const counts = programs.map((p) =>
    count(counted.lines, plainCounter(p), { servings, ...(options.by !== null && { by: options.by }) }),
  );
  const p = counted.perServing;
  return {
    title: text.title,
    servings,
    perServing: {
      kcal: p.kcal.value,
      protein: p.protein.value,
      satFat: p.satFat.value,
      sugars: p.sugars.value,
      fibre: p.fibre.value,
    },
    programs: counts.map((c, i) => ({
      mark: programs[i]!.mark,
      points: c.points,
      raw: c.raw,
      by: c.by,
      low: c.range.low,
      high: c.range.high,
    })),
    lines: version.lines.map((l, i) => {
      const r = read[i]!;
      const of = counts.map((c) => c.lines.find((x) => x.id === l.id)!);
      return {
        ...foodAnswer(r),
        line: l.text,
        confidence: r.confidence,
        warnings: l.warnings,
        raw: Object.fromEntries(programs.map((q, k) => [q.mark, of[k]!.raw])),
        uncounted: programs.filter((_, k) => of[k]!.uncounted !== null).map((q) => q.mark),
      };
    }),
    unresolved: version.lines.filter((l) => counted.open.includes(l.id)).map((l) => l.text),
  };
}

/** The food and grams of an ingredient, as `parse` and `score` print them. */
export function foodAnswer(r: Ingredient): {
  food: { id: string; name: string } | null;
  grams: number | null;
  gramsFrom: GramsFrom;
} {
  const nothing = r.food.kind === 'nothing' ? r.matches[0]?.food : undefined;
  const id = r.food.kind === 'food' ? r.food.foodId : nothing?.id;
  const food = r.matches.find((m) => m.food.id === id)?.food;
  return {
    food: food ? { id: food.id, name: food.name } : null,
    grams: r.weight?.grams ?? null,
    gramsFrom: r.weight?.from ?? 'none',
  };
}
