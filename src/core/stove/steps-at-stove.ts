import { type Caution, cautionsFor, insideOf } from '../caution/cautions.ts';
import type { Food } from '../food/food.ts';
import { type StepShare, stepShares } from '../steps/step-shares.ts';
import { methodsOf } from '../steps/steps-as-changed.ts';
import type { Swap } from '../swap/swap.ts';
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
 * @param swaps those whose own steps may be among them
 */
export function stepsAtStove(
  version: Version,
  food: (id: string) => Food | null,
  swaps: readonly Swap[] = [],
): StepsAtStove {
  const shares = sharesAtStove(version, swaps);
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
    const hot = placed.filter((p) => heatsAt(p.caution, p.at, version.steps).includes(i));
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

/**
 * What goes in where. A step that a swap brought along is advice: its food goes in where the family puts it in, and there
 * only where no other step names it.
 */
function sharesAtStove(version: Version, swaps: readonly Swap[]): StepShare[][] {
  const brought = new Map(swaps.flatMap((s) => methodsOf(s).map((m) => [m.text, m.takesOver] as const)));
  const { steps, lines } = version;
  const isAdvice = steps.map((s) => brought.get(s.text) === false);
  if (!isAdvice.includes(true)) return stepShares(steps, lines);
  const part = (advice: boolean, of: readonly Line[]): StepShare[][] => {
    const shares = stepShares(
      steps.filter((_, i) => isAdvice[i] === advice),
      of,
    );
    let n = 0;
    return steps.map((_, i) => (isAdvice[i] === advice ? shares[n++]! : []));
  };
  const first = part(false, lines);
  const placed = new Set(first.flat().map((u) => u.lineId));
  const left = lines.filter((l) => !placed.has(l.id));
  // What a swap put in goes in at its own step, whatever that calls it.
  const own = left.map((l): readonly [Line, number] => {
    const swap = swaps.find((s) => s.id === l.swapId);
    const texts = new Set(swap === undefined ? [] : methodsOf(swap).map((m) => m.text));
    return [l, l.leftOut ? -1 : steps.findIndex((s) => texts.has(s.text))];
  });
  const second = part(
    true,
    own.flatMap(([l, at]) => (at === -1 ? l : [])),
  );
  return steps.map((_, i) => [
    ...first[i]!,
    ...second[i]!,
    ...own.flatMap(([l, at]): StepShare[] => (at === i ? [{ lineId: l.id, share: 1 }] : [])),
  ]);
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
 * The steps in which a food is cooked through, from the one on in which it went in: those that say how hot, else that
 * which takes longest. There it is measured.
 */
function heatsAt(caution: Caution, from: number | null, steps: readonly Step[]): readonly number[] {
  const inside = insideOf(caution.id);
  if (from === null || inside === null) return [];
  const says = new RegExp(String.raw`\b${inside} ?°`);
  const said = steps.flatMap((s, i) => (says.test(s.text) ? [i] : []));
  if (said.length > 0) return said;
  const later = steps.flatMap((s, i) => (i >= from ? [{ i, text: s.text }] : []));
  const cooking = later.filter((s) => COOKS_THROUGH.test(s.text));
  // A batter is cooked through at the end, whatever simmered longer before.
  if (caution.id === 'egg') return [(cooking.at(-1) ?? later[0]!).i];
  const longest = (text: string): number => Math.max(0, ...stepTimes(text).map((t) => t.to ?? t.from));
  return [cooking.reduce((best, s) => (longest(s.text) >= longest(best.text) ? s : best), cooking[0] ?? later[0]!).i];
}
