import { type Caution, cautionsFor, insideOf } from '../caution/cautions.ts';
import type { Food } from '../food/food.ts';
import { stepShares } from '../steps/step-shares.ts';
import { scaledLine } from '../version/scale-version.ts';
import type { Line, Step, Version } from '../version/version.ts';
import { type OvenHeat, ovenHeat } from './oven-heat.ts';
import { signsOfDone } from './signs-of-done.ts';
import { type StepTime, stepTimes } from './step-times.ts';

/** What of a line goes in at a step. */
export interface StepUse {
  readonly lineId: string;
  readonly originLineId: string;
  /** 0 < share ≤ 1; those of one line add up to 1. */
  readonly share: number;
  /** The amount as a kitchen has it: "3 tbsp olive oil". */
  readonly words: string;
  /** What of it goes in here, g; null where nobody knows what the line weighs. */
  readonly grams: number | null;
}

/** How hot something has to be inside, as its source has it. */
export interface Inside {
  readonly fahrenheit: number;
  readonly celsius: number;
}

/** A step as it is cooked by. */
export interface StepAtStove {
  readonly step: Step;
  readonly uses: readonly StepUse[];
  readonly oven: OvenHeat | null;
  readonly times: readonly StepTime[];
  readonly signs: readonly string[];
  /** The safe temperature inside, where it is heated here; of several foods the highest. */
  readonly inside: Inside | null;
  readonly cautions: readonly Caution[];
}

/** A version as it is cooked by, step by step. */
export interface StepsAtStove {
  readonly steps: readonly StepAtStove[];
  /** Lines that go in at no step, as far as anybody knows. */
  readonly inNoStep: readonly Line[];
  /** Cautions that belong to no step. */
  readonly cautions: readonly Caution[];
}

/** What cooks something through. */
const COOKS_THROUGH =
  /\b(?:bak(?:e|ed|ing)|oven|boil|simmer|fry|roast|grill|broil|steam|poach|braise|stew|cook(?:ed|ing)?|slow[- ]?cooker|pressure)\b/i;

/**
 * A version's steps, each with what goes in there, its heat, its times, the signs by which it is done, and the cautions
 * that belong there.
 *
 * @param food a line's food by its id
 */
export function stepsAtStove(version: Version, food: (id: string) => Food | null): StepsAtStove {
  const shares = stepShares(version.steps, version.lines);
  const byId = new Map(version.lines.map((l) => [l.id, l]));
  const uses = shares.map((at) => at.map(({ lineId, share }) => useOf(byId.get(lineId)!, share)));
  const used = new Set(shares.flat().map((s) => s.lineId));
  const foodsOf = (lines: Iterable<Line>): Food[] =>
    [...lines].flatMap((l) => (l.food.kind === 'food' ? (food(l.food.foodId) ?? []) : []));
  const there = version.lines.filter((l) => !l.leftOut);
  const all = version.steps.map((s) => s.text).join('\n');
  const foodsAt = shares.map((at) => foodsOf(at.map((s) => byId.get(s.lineId)!)));
  const cautions = cautionsFor(foodsOf(there), all, there.map((l) => l.text).join('\n'));
  const placed = cautions.map((c) => ({ caution: c, at: stepOf(c, version.steps, foodsAt, all) }));
  const steps = version.steps.map((step, i): StepAtStove => {
    const here = placed.filter((p) => p.at === i).map((p) => p.caution);
    const hot = placed.filter((p) => heatsAt(p.caution, p.at, version.steps) === i);
    const fahrenheit = Math.max(0, ...hot.map((p) => insideOf(p.caution.id) ?? 0));
    return {
      step,
      uses: uses[i]!,
      oven: ovenHeat(step.text),
      times: stepTimes(step.text),
      signs: signsOfDone(step.text),
      inside: fahrenheit === 0 ? null : { fahrenheit, celsius: Math.round(((fahrenheit - 32) * 5) / 9) },
      cautions: here,
    };
  });
  return {
    steps,
    inNoStep: there.filter((l) => !used.has(l.id)),
    cautions: placed.filter((p) => p.at === null).map((p) => p.caution),
  };
}

const useOf = (line: Line, share: number): StepUse => ({
  lineId: line.id,
  originLineId: line.originLineId,
  share,
  words: share > 1 - 1e-9 ? line.text : scaledLine(line, share).text,
  grams: line.weight === null ? null : line.weight.grams * share,
});

/** What is read before one begins, and what when it is done. */
const READ_BEFORE: ReadonlySet<string> = new Set(['labels']);
const READ_AFTER: ReadonlySet<string> = new Set(['leftovers', 'rice']);

/** The step that a caution belongs to: where its food goes in, else where its words stand. Null for none. */
function stepOf(
  caution: Caution,
  steps: readonly Step[],
  foodsAt: readonly (readonly Food[])[],
  all: string,
): number | null {
  const calls = (foods: readonly Food[], text: string): boolean =>
    cautionsFor(foods, text).some((c) => c.id === caution.id);
  if (READ_BEFORE.has(caution.id)) return null;
  if (READ_AFTER.has(caution.id)) return steps.length === 0 ? null : steps.length - 1;
  const byFood = foodsAt.findIndex((foods) => foods.length > 0 && calls(foods, all) && !calls([], all));
  if (byFood !== -1) return byFood;
  const byWords = steps.findIndex((_, i) =>
    calls(
      foodsAt.slice(0, i + 1).flat(),
      steps
        .slice(0, i + 1)
        .map((s) => s.text)
        .join('\n'),
    ),
  );
  return byWords === -1 ? null : byWords;
}

/**
 * The step in which a food is cooked through, from the one on in which it went in: that which says how hot, else that
 * which takes longest. There it is measured. Null for none.
 */
function heatsAt(caution: Caution, from: number | null, steps: readonly Step[]): number | null {
  const inside = insideOf(caution.id);
  if (from === null || inside === null) return null;
  const later = steps.flatMap((s, i) => (i >= from ? [{ i, text: s.text }] : []));
  const said = later.find((s) => new RegExp(String.raw`\b${inside} ?°`).test(s.text));
  if (said !== undefined) return said.i;
  const cooking = later.filter((s) => COOKS_THROUGH.test(s.text));
  // A batter is cooked through at the end, whatever simmered longer before.
  if (caution.id === 'egg') return (cooking.at(-1) ?? later[0]!).i;
  const longest = (text: string): number => Math.max(0, ...stepTimes(text).map((t) => t.to ?? t.from));
  return cooking.reduce((best, s) => (longest(s.text) >= longest(best.text) ? s : best), cooking[0] ?? later[0]!).i;
}
