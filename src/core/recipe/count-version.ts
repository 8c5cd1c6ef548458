import { type NutrientProfile, scaleProfile, scaleProfileBy, sumProfiles } from '../food/nutrients.ts';
import { type Count, type CountLine, count } from '../program/count.ts';
import type { Counter } from '../program/program.ts';
import { dishWeight, isOpenIn, type Kitchen, resolveLines } from './resolve-lines.ts';
import type { Version } from './version.ts';

/** A version counted for everyone at the table. */
export interface VersionCount {
  readonly lines: readonly CountLine[];
  readonly servings: number;
  /** False when nobody said how many servings: the counts are of the whole. */
  readonly hasServings: boolean;
  /** The nutrition of one serving (of the whole, without servings). */
  readonly perServing: NutrientProfile;
  readonly per100g: NutrientProfile | null;
  /** What one serving weighs, g, as it goes into the pot. */
  readonly servingGrams: number;
  readonly counts: readonly Count[];
  /** Lines that wait for an answer. */
  readonly open: readonly string[];
}

/** Counts one serving of a version (the whole, when it has no servings) for each counter, in the order given. */
export function countVersion(version: Version, kitchen: Kitchen, counters: readonly Counter[]): VersionCount {
  const lines = resolveLines(version, kitchen);
  const servings = version.servings ?? 1;
  const whole = nutritionOf(lines);
  const grams = dishWeight(version, kitchen);
  return {
    lines,
    servings,
    hasServings: version.servings !== null,
    perServing: scaleProfile(whole, 1 / servings),
    per100g: grams > 0 ? scaleProfile(whole, 100 / grams) : null,
    servingGrams: grams / servings,
    counts: counters.map((c) => count(lines, c, { servings })),
    open: version.lines.filter((l) => isOpenIn(l, kitchen)).map((l) => l.id),
  };
}

/** The nutrition of whole lines, added up. */
export function nutritionOf(lines: readonly CountLine[]): NutrientProfile {
  return sumProfiles(
    lines.flatMap((l) =>
      l.parts.map((p) =>
        scaleProfileBy(p.food.per100g, p.grams / 100, { low: p.range.low / 100, high: p.range.high / 100 }),
      ),
    ),
  );
}

/** A portion below this share of its former weight is a smaller plate, and part of the gain is that. */
const SMALLER = 0.9;

/** Whether a lighter count comes with a smaller portion: eating less is not a swap. */
export const isSmallerPlate = (
  now: Pick<VersionCount, 'servingGrams'>,
  was: Pick<VersionCount, 'servingGrams'>,
): boolean => now.servingGrams < was.servingGrams * SMALLER;
