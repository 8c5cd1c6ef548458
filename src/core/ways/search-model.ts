import { countVersion } from '../counting/count-version.ts';
import type { Counter } from '../program/program.ts';
import { hasCaps } from '../program/rule.ts';
import { applyEntry } from '../version/entry.ts';
import type { Kitchen } from '../version/kitchen.ts';
import { withNewest } from '../version/kitchen.ts';
import type { Version } from '../version/version.ts';
import { alongLimits } from './along-limits.ts';
import { wayChanges } from './apply-way.ts';
import { houseLimits } from './house-limits.ts';
import { isInHouse } from './in-house.ts';
import { type ChoiceContext, type LineChoice, type LineChoices, lineChoices } from './line-choices.ts';
import type { ModelLimit } from './model-limit.ts';

/** What a plate comes to: a serving of a dish, or one of every dish of a feast. */
export interface Recount {
  readonly points: readonly number[];
  /** Unrounded, by counter. */
  readonly raw: readonly number[];
  readonly kcal: number | null;
  /** What it has at the most, where some of it is unknown. */
  readonly kcalAtMost: number;
  readonly protein: number | null;
  /** mg; null where some of it is unknown. */
  readonly sodium: number | null;
  /** What it has at the most. */
  readonly sodiumAtMost: number;
  readonly grams: number;
}

/** A plate's sums over lines. */
export interface ModelSums {
  readonly raw: readonly number[];
  readonly kcal: number;
  readonly protein: number;
  /** At the most, mg. */
  readonly sodium: number;
  readonly grams: number;
}

/** One dish or several with what their lines may become, set out to be searched. */
export interface SearchModel {
  readonly counters: readonly Counter[];
  readonly choices: readonly LineChoices[];
  /** What no choice changes. */
  readonly base: ModelSums;
  readonly limits: readonly ModelLimit[];
  /** False for rules whose counts do not add up over lines: answers are checked, and nothing is proved. */
  readonly additive: boolean;
  /** Whether all that a choice brings in is in the house; null when nobody said what is. */
  readonly inHouse: ((choice: LineChoice) => boolean) | null;
  /** Counts a set of changes by the counting engine, which has the last word. */
  readonly recount: (picked: readonly LineChoice[]) => Recount;
}

/** What is left of a plate when every line, as it is, is taken out: also one that must not stay. */
export function baseOf(now: Recount, choices: readonly LineChoices[], counters: readonly Counter[]): ModelSums {
  const stay = (of: (c: LineChoice) => number): number => choices.reduce((s, l) => s + of(l.asIs), 0);
  const added = (i: number): number => (counters[i]!.program.by === 'items' ? now.points[i]! : now.raw[i]!);
  return {
    raw: counters.map((_, i) => added(i) - stay((c) => c.raw[i]!)),
    kcal: now.kcalAtMost - stay((c) => c.kcal),
    protein: (now.protein ?? 0) - stay((c) => c.protein),
    sodium: now.sodiumAtMost - stay((c) => c.sodium),
    grams: now.grams - stay((c) => c.grams),
  };
}

/** Whether counts add up over lines: caps on a whole portion do not. */
export const addsUp = (counters: readonly Counter[]): boolean =>
  counters.every((c) => !(c.program.by === 'serving' && hasCaps(c.program.rule)));

/** The kitchen of a search: the revisions that lines name, and for what swaps bring in the newest. */
export const searchKitchen = (context: Pick<ChoiceContext, 'kitchen' | 'food'>): Kitchen =>
  withNewest(context.kitchen, context.food);

/** A version after a set of changes, as the search sees it. */
export function versionAfter(version: Version, picked: readonly LineChoice[], context: ChoiceContext): Version {
  if (picked.length === 0) return version;
  let n = 0;
  const changes = wayChanges(version, picked, context, () => `way-${version.id}-${n++}`);
  return applyEntry(version, { id: 'way', label: 'way', changes, undoes: null });
}

/** Sets out one version: what a serving of it may become. */
export function benchOf(version: Version, context: ChoiceContext): SearchModel {
  const choices = lineChoices(version, context);
  const kitchen = searchKitchen(context);
  const recount = (picked: readonly LineChoice[]): Recount => {
    const counted = countVersion(versionAfter(version, picked, context), kitchen, context.counters);
    return {
      points: counted.counts.map((c) => c.points),
      raw: counted.counts.map((c) => c.raw),
      kcal: counted.perServing.kcal.value,
      kcalAtMost: counted.perServing.kcal.value ?? counted.perServing.kcal.high,
      protein: counted.perServing.protein.value,
      sodium: counted.perServing.sodium.value,
      sodiumAtMost: counted.perServing.sodium.value ?? counted.perServing.sodium.high,
      grams: counted.servingGrams,
    };
  };
  return {
    counters: context.counters,
    choices,
    base: baseOf(recount([]), choices, context.counters),
    limits: [...alongLimits(choices), ...houseLimits(choices, context.house)],
    additive: addsUp(context.counters),
    inHouse: context.house === undefined ? null : (c) => isInHouse(c.brings, context.house!),
    recount,
  };
}
