import { dishKindOf } from '../dish/dish-kind.ts';
import { partOfLine } from '../dish/part-of-line.ts';
import type { Food, Role } from '../food/food.ts';
import type { FoodIndex } from '../food/match-food.ts';
import { readRecipe } from '../page/read-page.ts';
import type { Claim, PageLanguage, PanSaid, RecipeText, TimesSaid } from '../page/recipe-text.ts';
import { type Program, plainCounter } from '../program/program.ts';
import type { CountingMethod } from '../program/rule.ts';
import type { MeasureSystem } from '../quantity/measure-system.ts';
import { doubtsOf } from '../sense/doubts-of.ts';
import { countWithFreedom } from '../teach/freedom.ts';
import { asWritten } from '../version/as-written.ts';
import type { DishKind, Technique } from '../version/dish-words.ts';
import { kitchenOf } from '../version/kitchen.ts';
import { type LineDoubt, lineDoubt } from '../version/line-doubt.ts';
import { lineOf } from '../version/line-of.ts';
import type { Line, Version } from '../version/version.ts';
import { type Ingredient, readIngredient } from '../weighing/read-ingredient.ts';
import type { GramsFrom } from '../weighing/weight.ts';
import { withExpectedLosses } from '../yield/expected-loss.ts';
import { countVersion } from './count-version.ts';

/** A recipe read, weighed and counted without a database: what the command line and the API answer. */
export interface Score {
  readonly title: string | null;
  /** Null where nobody says how many: then everything is of the whole. */
  readonly servings: number | null;
  /** What has to be answered before the numbers mean a serving, in words. */
  readonly asks: readonly string[];
  /** What in it cannot both be, in words. */
  readonly doubts: readonly string[];
  /** What it is written in, where that is not English. */
  readonly language: PageLanguage | null;
  readonly dish: DishKind;
  readonly steps: readonly string[];
  /** The headings of the list, in their order. */
  readonly groups: readonly string[];
  readonly claims: readonly Claim[];
  readonly times: TimesSaid;
  readonly pans: readonly PanSaid[];
  readonly tools: readonly string[];
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
    readonly group: string | null;
    readonly food: { readonly id: string; readonly name: string } | null;
    readonly grams: number | null;
    readonly gramsFrom: GramsFrom;
    readonly confidence: number;
    /** Words of the line that its food knows nothing of. */
    readonly standIn: string | null;
    /** The part that it plays, what the steps do with it, and the numbers of those that use it, from 1. */
    readonly role: Role | null;
    readonly technique: Technique | null;
    readonly usedIn: readonly number[];
    readonly doubt: LineDoubt | null;
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
  /** The language of its page, null for English. */
  readonly language?: PageLanguage | null;
  /** Counts all programs this way instead of their own; null for their own. */
  readonly by: CountingMethod | null;
}

/** Reads and counts a pasted recipe. Without any servings, the whole is counted. */
export function scoreRecipe(source: string | RecipeText, options: ScoreOptions): Score {
  const text = typeof source === 'string' ? readRecipe(source) : source;
  const { index, programs } = options;
  const read = text.ingredients.map((i) => readIngredient(i.text, i.group, index, options.system));
  const servings = options.servings ?? text.servings;
  const byId = new Map(index.foods.map((f) => [f.id, f]));
  const food = (id: string): Food | null => byId.get(id) ?? null;
  const written = asWritten({
    id: 'scored',
    recipeId: 'scored',
    servings,
    lines: read.map((r, i) => lineOf(r, `line-${i}`)),
    steps: text.steps,
    stepId: (i) => `step-${i}`,
  });
  const version = withExpectedLosses(written, food, text.title ?? '');
  const counted = countVersion(version, kitchenOf(index.foods), []);
  const counts = programs.map((p) =>
    countWithFreedom(counted.lines, plainCounter(p), {
      servings: servings ?? 1,
      ...(options.by !== null && { by: options.by }),
    }),
  );
  const p = counted.perServing;
  // Where every line is open nothing is known, and nothing is no zero.
  const nothing = counted.open.length === version.lines.length;
  const known = (value: number | null): number | null => (nothing ? null : value);
  return {
    title: text.title,
    servings: version.servings,
    asks: asksOf(text, version.servings),
    doubts: doubtsOf(version, text.makes, index).map((d) => d.words),
    language: options.language ?? null,
    dish: dishKindOf(version, text.title ?? '', food),
    steps: text.steps,
    groups: [...new Set(text.ingredients.flatMap((i) => (i.group === null ? [] : [i.group])))],
    claims: text.claims,
    times: text.times,
    pans: text.pans,
    tools: text.tools,
    perServing: {
      kcal: known(p.kcal.value),
      protein: known(p.protein.value),
      satFat: known(p.satFat.value),
      sugars: known(p.sugars.value),
      fibre: known(p.fibre.value),
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
        group: l.group,
        confidence: r.confidence,
        standIn: l.taken?.standIn ?? null,
        ...partAnswer(l, version, text.title ?? '', food),
        doubt: lineDoubt(l, foodOf(l, index)),
        warnings: l.warnings,
        raw: Object.fromEntries(programs.map((q, k) => [q.mark, of[k]!.raw])),
        uncounted: programs.filter((_, k) => of[k]!.uncounted !== null).map((q) => q.mark),
      };
    }),
    unresolved: version.lines.filter((l) => counted.open.includes(l.id)).map((l) => l.text),
  };
}

/** The part of a line, as `score` prints it. */
function partAnswer(line: Line, version: Version, title: string, food: (id: string) => Food | null) {
  const { role, technique, usedIn } = partOfLine(line, version, title, food);
  return { role, technique, usedIn: usedIn.map((i) => i + 1) };
}

const foodOf = (line: Line, index: FoodIndex): Food | null => {
  const { food } = line;
  return food.kind === 'food' ? (index.foods.find((f) => f.id === food.foodId) ?? null) : null;
};

/** What has to be asked of a recipe as a whole. */
function asksOf(text: RecipeText, servings: number | null): string[] {
  return [
    ...(servings === null ? ['How many servings does it make? Until then the whole is counted.'] : []),
    ...(text.fromSteps ? ['It has no list of ingredients. They were taken from the steps: is anything missing?'] : []),
  ];
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
