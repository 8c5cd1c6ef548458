import { type Caution, cautionsFor } from '../caution/cautions.ts';
import { unreadCaution } from '../caution/unread-caution.ts';
import { countVersion, type VersionCount } from '../counting/count-version.ts';
import { foodsOf } from '../counting/foods-of.ts';
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
import { unreadLines } from '../version/unread-lines.ts';
import type { Line, Step, Version } from '../version/version.ts';
import { cookedWeight } from '../yield/cooked-share.ts';
import { type CardLabel, cardLabel } from './card-label.ts';
import type { Corrected } from './corrected.ts';
import { type LineOffer, lineOffers } from './line-offers.ts';
import { lineSize, sayLineSize } from './line-size.ts';
import type { CardPart, PassOn } from './pass-on.ts';
import { type PersonalSpan, personalSpan } from './personal-span.ts';
import { type ReaderCounts, readerCounts } from './reader-counts.ts';

/** Whose recipe it is: of another author's nothing of the author's own words goes out. */
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
  /** Unrounded points a serving, one for each program in order; empty where they are left out. */
  readonly raw: readonly number[];
  /** Words for any that may stand here, such as "any milk". */
  readonly any: string | null;
  /** What else may stand here. */
  readonly offers: readonly LineOffer[];
  /** What its readers are asked. */
  readonly asks: string | null;
}

/** A picture of the dish, kept with the household's. */
export interface CardPicture {
  readonly id: string;
  readonly width: number;
  readonly height: number;
}

/** A version as it is passed on: plain data, fixed on the day it was counted. */
export interface Card {
  readonly title: string;
  readonly versionName: string;
  /** The state of the version that was counted; null for a card from before that was kept. */
  readonly revision: number | null;
  readonly credit: Credit;
  /** The recipe; of another author's only what was changed, or the amounts as cooked and steps in own words. */
  readonly shows: 'whole' | 'changes' | 'amounts';
  /** The cook's own words, at the top. */
  readonly words: string | null;
  readonly picture: CardPicture | null;
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
  /** null where the cook wants none on it. */
  readonly label: CardLabel | null;
  /** What it is counted again from for its readers; null for a card from before that was kept. */
  readonly reader: ReaderCounts | null;
  /** What was wrong before it was published again; null where it was not. */
  readonly corrected: Corrected | null;
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
  /** What the cook chose to pass on. */
  readonly passOn: PassOn;
  /** The picture that the cook chose, where it is there. */
  readonly picture: CardPicture | null;
  /** The newest of a food that a line offers; null where there is none. */
  food(id: string): Food | null;
}

/** The amount of a line, as a card shows it: `¾ cup (84 g)`. */
export const amountOnCard = (line: Line, food: Food | null): string => sayLineSize(lineSize(line, food)).amount;

/** Makes the card of a version: everything it shows is counted here. */
export function makeCard(input: CardInput): Card {
  const { version, asWritten, kitchen, programs, passOn } = input;
  const counters = programs.map((p) => plainCounter(p, input.pins));
  const now = countVersion(version, kitchen, counters);
  const changed = version.id !== asWritten.id;
  const was = changed && !passOn.hides.includes('changes') ? countVersion(asWritten, kitchen, counters) : null;
  const lines = version.lines.filter((l) => !l.leftOut);
  const rawOf = (lineId: string): number[] => now.counts.map((c) => c.lines.find((l) => l.id === lineId)?.raw ?? 0);
  const cooked =
    input.weighed === null ? cookedWeight(version, foodsByIdOf(version, kitchen), input.title) : exactly(input.weighed);
  const sameSize = atSizeOf(asWritten, version);
  const goesOut = (part: CardPart): boolean => !passOn.hides.includes(part);
  const shows = input.credit.whose !== 'other' ? 'whole' : passOn.others;
  const withLines = shows !== 'changes' && goesOut('ingredients');
  const sizes = lines.map((l) => lineSize(l, foodOfLine(l, kitchen)));
  const onTheSide = version.lines.flatMap((l) =>
    isOnPlate(l, input.swaps) && l.food.kind === 'food' ? (kitchen.food(l.food.foodId, l.food.revision) ?? []) : [],
  );
  const foods = [...new Set([...foodsOf(now), ...onTheSide])];
  const allergens = [...new Set(foods.flatMap((f) => f.allergens))];
  const noteOf = (l: Line) => passOn.lines.find((n) => n.id === l.originLineId) ?? null;
  const offering = { version, kitchen, counters, system: input.system, now, allergens, food: input.food };
  return {
    title: input.title,
    versionName: version.name,
    revision: version.revision,
    credit: input.credit,
    shows,
    words: passOn.words.trim() || null,
    picture: input.picture,
    servings: version.servings,
    servingGrams: now.servingGrams,
    servingCooked: cooked === null ? null : scale(cooked, 1 / now.servings),
    countedOn: input.countedOn,
    programs: programs.map((p, i) => ({
      ...cardProgram(p, now, i, was),
      span: goesOut('span') ? personalSpan(p, version, kitchen, input.pins) : null,
    })),
    kcal: goesOut('kcal') ? now.perServing.kcal.value : null,
    kcalWas: goesOut('kcal') ? (was?.perServing.kcal.value ?? null) : null,
    label: passOn.label ? cardLabel(now, input.weighed === null ? null : input.weighed / now.servings) : null,
    ingredients: withLines
      ? lines.map((l, i) => {
          const note = noteOf(l);
          return {
            group: l.group,
            ...sayLineSize(sizes[i]!),
            raw: goesOut('linePoints') ? rawOf(l.id) : [],
            any: note?.any.trim() || null,
            offers: note === null ? [] : lineOffers(l, note, offering),
            asks: note?.asks.trim() || null,
          };
        })
      : [],
    reader: readerCounts(programs, now, withLines ? sizes : []),
    steps: goesOut('steps')
      ? stepsOnCard(stepsThatGoOut(shows, input), lines, asWritten, rawOf, programs.length, goesOut('stepPoints'))
      : [],
    changes: changed && goesOut('changes') ? changesOnCard(sameSize, version, input) : [],
    options: goesOut('options') ? optionsOf(version, now, input) : [],
    regular: changed && goesOut('regular') ? regularOf(sameSize, version, kitchen, input) : [],
    allergens: allergens.map((a) => ALLERGEN_WORDS[a]),
    cautions: [
      ...unreadCaution(unreadLines(version, kitchen), withLines),
      ...cautionsFor(foods, version.steps.map((s) => s.text).join('\n'), lines.map((l) => l.text).join('\n')).map(
        (c) => ({
          ...c,
          words: sayIn(input.region, c.words),
        }),
      ),
    ],
    corrected: null,
  };
}

/** The steps of the recipe, with what its swaps change; another author's only as the cook says them. */
function stepsThatGoOut(shows: Card['shows'], { asWritten, version, swaps, passOn }: CardInput): readonly Step[] {
  if (shows === 'whole') return stepsAsChanged(asWritten, version, swaps);
  if (shows === 'changes') return [];
  return passOn.ownSteps
    .split('\n')
    .map((text) => text.trim())
    .filter((text) => text !== '')
    .map((text, i) => ({ id: `own-${i}`, text }));
}

/** Steps with what goes in at each, in points of a serving. */
function stepsOnCard(
  steps: readonly Step[],
  lines: readonly Line[],
  asWritten: Version,
  rawOf: (lineId: string) => number[],
  programs: number,
  withPoints: boolean,
): Card['steps'] {
  if (!withPoints) return steps.map(({ text }) => ({ text, adds: [] }));
  const wordsBefore = (l: Line) => asWritten.lines.find((x) => x.originLineId === l.originLineId)?.item ?? null;
  const uses = stepShares(steps, lines, wordsBefore);
  return steps.map(({ text }, i) => ({
    text,
    adds: sumRaw(
      uses[i]!.map((u) => rawOf(u.lineId).map((raw) => raw * u.share)),
      programs,
    ),
  }));
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
