import {
  type FlatProfile,
  flatProfile,
  type NutrientProfile,
  scaleProfile,
  scaleProfileBy,
  sumFlatProfiles,
  sumProfiles,
} from '../food/nutrients.ts';
import { type Count, type CountLine, type LineMemo, lineMemo } from '../program/count.ts';
import type { Counter } from '../program/program.ts';
import { countWithFreedom } from '../teach/freedom.ts';
import { dishWeight } from '../version/dish-weight.ts';
import type { Kitchen } from '../version/kitchen.ts';
import type { Line, Version } from '../version/version.ts';
import { isOpenIn, resolveOne } from './resolve-lines.ts';
import { isSaltLeftOut } from './salt-left-out.ts';

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
  /** Whether salt goes in of which nobody knows how much: the sodium is told without it. */
  readonly saltLeftOut: boolean;
}

/** Counts one serving of a version (the whole, when it has no servings) for each counter, in the order given. */
export function countVersion(version: Version, kitchen: Kitchen, counters: readonly Counter[]): VersionCount {
  const known = memoOf(kitchen);
  // One plain pass: this runs at every key, over all lines.
  const lines: CountLine[] = [];
  const nutrition: FlatProfile[] = [];
  const open: string[] = [];
  for (const line of version.lines) {
    if (line.leftOut) continue;
    const standing = known.line(version, line);
    lines.push(standing.resolved);
    for (const part of standing.nutrition) nutrition.push(part);
    if (standing.waits) open.push(line.id);
  }
  const servings = version.servings ?? 1;
  const whole = sumFlatProfiles(nutrition);
  const grams = dishWeight(version, kitchen);
  return {
    lines,
    servings,
    hasServings: version.servings !== null,
    perServing: scaleProfile(whole, 1 / servings),
    per100g: grams > 0 ? scaleProfile(whole, 100 / grams) : null,
    servingGrams: grams / servings,
    counts: counters.map((c) => countWithFreedom(lines, c, { servings }, known.counts)),
    open,
    saltLeftOut: isSaltLeftOut(version.lines),
  };
}

/** The nutrition of each food in a line. */
const partsOf = (line: CountLine): NutrientProfile[] =>
  line.parts.map((p) =>
    scaleProfileBy(p.food.per100g, p.grams / 100, {
      low: (p.range.low * (line.taken?.low ?? 1)) / 100,
      high: (p.range.high * (line.taken?.high ?? 1)) / 100,
    }),
  );

/** The nutrition of whole lines, added up. */
export const nutritionOf = (lines: readonly CountLine[]): NutrientProfile => sumProfiles(lines.flatMap(partsOf));

/** A line as it was worked out in a kitchen. */
interface CountedBefore {
  readonly line: Line;
  readonly versionId: string;
  readonly resolved: CountLine;
  readonly nutrition: readonly FlatProfile[];
  /** Whether it waits for an answer. */
  readonly waits: boolean;
}

interface Memo {
  line(version: Version, line: Line): CountedBefore;
  readonly counts: LineMemo;
}

/**
 * What the lines of versions came to, by kitchen. Lines are immutable, and so is what a kitchen holds: after one changed
 * line only that one is worked out and counted, and the kept results are added again in their order, so that the sum is
 * the same to the last bit. It is forgotten with the kitchen.
 */
const memos = new WeakMap<Kitchen, Memo>();
function memoOf(kitchen: Kitchen): Memo {
  let memo = memos.get(kitchen);
  if (memo === undefined) memos.set(kitchen, (memo = newMemo(kitchen)));
  return memo;
}

function newMemo(kitchen: Kitchen): Memo {
  const lines = new Map<string, CountedBefore>();
  return {
    line: (version, line) => {
      const had = lines.get(line.id);
      if (had !== undefined && had.line === line && had.versionId === version.id) return had;
      const resolved = resolveOne(version, line, kitchen);
      const standing: CountedBefore = {
        line,
        versionId: version.id,
        resolved,
        nutrition: partsOf(resolved).map(flatProfile),
        waits: isOpenIn(line, kitchen),
      };
      lines.set(line.id, standing);
      return standing;
    },
    counts: lineMemo(),
  };
}

/** A portion below this share of its former weight is a smaller plate, and part of the gain is that. */
const SMALLER = 0.9;

/** Whether a lighter count comes with a smaller portion: eating less is not a swap. */
export const isSmallerPlate = (
  now: Pick<VersionCount, 'servingGrams'>,
  was: Pick<VersionCount, 'servingGrams'>,
): boolean => now.servingGrams < was.servingGrams * SMALLER;
