import { type Caution, cautionsFor } from '../caution/cautions.ts';
import { countVersion, type VersionCount } from '../counting/count-version.ts';
import { ALLERGEN_WORDS, type Food } from '../food/food.ts';
import { sayLike } from '../food/say-like.ts';
import type { Certainty } from '../program/count.ts';
import type { Pin } from '../program/program.ts';
import { type Program, plainCounter } from '../program/program.ts';
import type { CountingMethod } from '../program/rule.ts';
import { exactly, type Interval, scale } from '../quantity/interval.ts';
import type { MeasureSystem } from '../quantity/measure-system.ts';
import type { Region } from '../region/region.ts';
import { sayIn } from '../region/say-in.ts';
import { stepShares } from '../steps/step-shares.ts';
import { stepsAsChanged } from '../steps/steps-as-changed.ts';
import type { Swap } from '../swap/swap.ts';
import { isOnPlate, swapOfLine } from '../swap/swap-of-line.ts';
import { applyEntry } from '../version/entry.ts';
import type { Kitchen } from '../version/kitchen.ts';
import { pairLines } from '../version/pair-lines.ts';
import { scaleChanges } from '../version/scale-version.ts';
import type { Line, Version } from '../version/version.ts';
import { cookedWeight } from '../yield/cooked-share.ts';
import { lineSize, sayLineSize } from './line-size.ts';
import { type PersonalSpan, personalSpan } from './personal-span.ts';
import { type ReaderCounts, readerCounts } from './reader-counts.ts';

/** Whose recipe it is: another author's card carries the changes, the counts and the link only. */
export type Whose = 'own' | 'family' | 'other';

export interface Credit {
  readonly author: string | null;
  readonly url: string | null;
  readonly whose: Whose;
}

export interface CardProgram {
  readonly mark: string;
  readonly name: string;
  readonly points: number;
  readonly low: number;
  readonly high: number;
  readonly certainty: Certainty;
  readonly complete: boolean;
  /** By which way it is counted. */
  readonly by: CountingMethod;
  /** Points as written, when the card shows a lightened version. */
  readonly was: number | null;
  /** Where everyone has an own list: what it may be for somebody else, and the lines that decide it. */
  readonly span: PersonalSpan | null;
}

export interface CardIngredient {
  readonly group: string | null;
  readonly amount: string;
  readonly name: string;
  /** Unrounded points a serving, one for each program in order. */
  readonly raw: readonly number[];
}

/** A version as it is passed on: plain data, fixed on the day it was counted. */
export interface Card {
  readonly title: string;
  readonly versionName: string;
  readonly credit: Credit;
  readonly servings: number | null;
  /** Raw, as it goes into the pot. */
  readonly servingGrams: number;
  /** What a serving weighs cooked, estimated; null where nothing is heated. */
  readonly servingCooked: Interval | null;
  /** YYYY-MM-DD in the household's zone. */
  readonly countedOn: string;
  readonly programs: readonly CardProgram[];
  readonly kcal: number | null;
  readonly kcalWas: number | null;
  readonly ingredients: readonly CardIngredient[];
  readonly steps: readonly { readonly text: string; readonly adds: readonly number[] }[];
  readonly changes: readonly { readonly from: string; readonly to: string; readonly why: string | null }[];
  /** What a regular ingredient would make of it, in points for each program. */
  readonly regular: readonly { readonly words: string; readonly points: readonly number[] }[];
  /** What is on the plate as each likes it, with the points of a serving with it. */
  readonly options: readonly { readonly words: string; readonly points: readonly number[] }[];
  readonly allergens: readonly string[];
  readonly cautions: readonly Caution[];
  /** What it is counted again from for its readers; null for a card from before that was kept. */
  readonly reader: ReaderCounts | null;
}

export interface CardInput {
  readonly title: string;
  readonly credit: Credit;
  readonly version: Version;
  /** The version as written; the same as `version` when nothing was changed. */
  readonly asWritten: Version;
  readonly kitchen: Kitchen;
  readonly programs: readonly Program[];
  readonly pins: readonly Pin[];
  /** What its lines may have been swapped with. */
  readonly swaps: readonly Swap[];
  readonly system: MeasureSystem;
  /** In whose words the cautions are said. */
  readonly region: Region;
  readonly countedOn: string;
  /** What all of it weighed when it was cooked, g; null where nobody weighed it. */
  readonly weighed: number | null;
}

/** The amount of a line, as a card shows it: `¾ cup (84 g)`. */
export const amountOnCard = (line: Line, food: Food | null): string => sayLineSize(lineSize(line, food)).amount;

/** Makes the card of a version: everything it shows is counted here. */
export function makeCard(input: CardInput): Card {
  const { version, asWritten, kitchen, programs } = input;
  const counters = programs.map((p) => plainCounter(p, input.pins));
  const now = countVersion(version, kitchen, counters);
  const changed = version.id !== asWritten.id;
  const was = changed ? countVersion(asWritten, kitchen, counters) : null;
  const lines = version.lines.filter((l) => !l.leftOut);
  const rawOf = (lineId: string): number[] => now.counts.map((c) => c.lines.find((l) => l.id === lineId)?.raw ?? 0);
  const cooked =
    input.weighed === null ? cookedWeight(version, foodsByIdOf(version, kitchen), input.title) : exactly(input.weighed);
  const sameSize = atSizeOf(asWritten, version);
  const whole = input.credit.whose !== 'other';
  const sizes = lines.map((l) => lineSize(l, foodOfLine(l, kitchen)));
  const steps = stepsAsChanged(asWritten, version, input.swaps);
  const uses = stepShares(
    steps,
    lines,
    (l) => asWritten.lines.find((x) => x.originLineId === l.originLineId)?.item ?? null,
  );
  const onTheSide = version.lines.flatMap((l) =>
    isOnPlate(l, input.swaps) && l.food.kind === 'food' ? (kitchen.food(l.food.foodId, l.food.revision) ?? []) : [],
  );
  const foods = [...new Set([...now.lines.flatMap((l) => l.parts.map((p) => p.food)), ...onTheSide])];
  return {
    title: input.title,
    versionName: version.name,
    credit: input.credit,
    servings: version.servings,
    servingGrams: now.servingGrams,
    servingCooked: cooked === null ? null : scale(cooked, 1 / now.servings),
    countedOn: input.countedOn,
    programs: programs.map((p, i) => ({
      ...cardProgram(p, now, i, was),
      span: personalSpan(p, version, kitchen, input.pins),
    })),
    kcal: now.perServing.kcal.value,
    kcalWas: was?.perServing.kcal.value ?? null,
    ingredients: whole ? lines.map((l, i) => ({ group: l.group, ...sayLineSize(sizes[i]!), raw: rawOf(l.id) })) : [],
    reader: readerCounts(programs, now, whole ? sizes : []),
    steps: whole
      ? steps.map((s, i) => ({
          text: s.text,
          adds: sumRaw(
            uses[i]!.map((u) => rawOf(u.lineId).map((raw) => raw * u.share)),
            programs.length,
          ),
        }))
      : [],
    changes: changed ? changesOnCard(sameSize, version, input) : [],
    options: optionsOf(version, now, input),
    regular: changed ? regularOf(sameSize, version, kitchen, input) : [],
    allergens: [...new Set(foods.flatMap((f) => f.allergens))].map((a) => ALLERGEN_WORDS[a]),
    cautions: cautionsFor(foods, version.steps.map((s) => s.text).join('\n'), lines.map((l) => l.text).join('\n')).map(
      (c) => ({
        ...c,
        words: sayIn(input.region, c.words),
      }),
    ),
  };
}

function cardProgram(
  program: Program,
  now: VersionCount,
  i: number,
  was: VersionCount | null,
): Omit<CardProgram, 'span'> {
  const c = now.counts[i]!;
  return {
    mark: program.mark,
    name: program.name,
    points: c.points,
    low: c.pointsRange.low,
    high: c.pointsRange.high,
    certainty: c.certainty,
    complete: c.complete,
    by: program.by,
    was: was?.counts[i]!.points ?? null,
  };
}

const sumRaw = (rows: readonly number[][], n: number): number[] =>
  Array.from({ length: n }, (_, i) => rows.reduce((s, r) => s + r[i]!, 0));
const lineOnCard = (l: Line, kitchen: Kitchen): string => {
  const { amount, name } = sayLineSize({ ...lineSize(l, foodOfLine(l, kitchen)), note: null });
  return [amount, name].filter(Boolean).join(' ');
};
const foodOfLine = (l: Line, kitchen: Kitchen): Food | null =>
  l.food.kind === 'food' ? kitchen.food(l.food.foodId, l.food.revision) : null;

/** The foods of a version's lines by id. */
function foodsByIdOf(version: Version, kitchen: Kitchen): (id: string) => Food | null {
  const byId = new Map(
    version.lines.flatMap((l) => (l.food.kind === 'food' ? [[l.food.foodId, foodOfLine(l, kitchen)] as const] : [])),
  );
  return (id) => byId.get(id) ?? null;
}

/** The dish as written for as many servings as a version makes: what is said beside it is of one batch. */
function atSizeOf(asWritten: Version, { servings }: Version): Version {
  if (servings === null || asWritten.servings === null || servings === asWritten.servings) return asWritten;
  return applyEntry(asWritten, { id: 'size', label: 'size', changes: scaleChanges(asWritten, servings), undoes: null });
}

function changesOnCard(asWritten: Version, version: Version, input: CardInput): Card['changes'] {
  const { swaps, kitchen } = input;
  return pairLines(asWritten, version)
    .filter((p) => p.changed)
    .map((p) => {
      const here = p.after.filter((l) => !l.leftOut);
      const swapped = p.after.find((l) => l.swapId !== null);
      const toPlate = p.after.some((l) => isOnPlate(l, swaps));
      return {
        from: p.before === null ? 'nothing' : lineOnCard(p.before, kitchen),
        to:
          here.length === 0
            ? toPlate
              ? 'on the plate, as you like'
              : 'left out'
            : here.map((l) => lineOnCard(l, kitchen)).join(' and '),
        why: swapped === undefined ? null : (swapOfLine(swapped, swaps)?.why ?? null),
      };
    });
}

/** What was moved to the plate: a serving of it, and what the dish comes to with it. */
function optionsOf(version: Version, now: VersionCount, input: CardInput): Card['options'] {
  const counters = input.programs.map((p) => plainCounter(p, input.pins));
  return version.lines
    .filter((l) => isOnPlate(l, input.swaps))
    .map((line) => {
      const back = { ...line, leftOut: false };
      const lines = version.lines.map((l) => (l.id === line.id ? back : l));
      const counted = countVersion({ ...version, lines }, input.kitchen, counters);
      const food = foodOfLine(line, input.kitchen);
      const grams = (line.weight?.grams ?? 0) / now.servings;
      return {
        words: sayLike(null, food, grams, input.system, line.item).text,
        points: counted.counts.map((c) => c.points),
      };
    });
}

/** For each changed line: the whole dish counted with the line as written instead. */
function regularOf(asWritten: Version, version: Version, kitchen: Kitchen, input: CardInput): Card['regular'] {
  const counters = input.programs.map((p) => plainCounter(p, input.pins));
  return pairLines(asWritten, version)
    .filter((p) => p.changed && p.before !== null && !p.after.some((l) => isOnPlate(l, input.swaps)))
    .map((p) => {
      const before = p.before!;
      const others = version.lines.filter((l) => l.originLineId !== p.originLineId);
      const mixed: Version = { ...version, lines: [...others, before] };
      return {
        words: `${lineOnCard(before, kitchen)} as written`,
        points: countVersion(mixed, kitchen, counters).counts.map((c) => c.points),
      };
    });
}
