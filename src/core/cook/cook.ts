import type { Timer } from '../stove/timer.ts';
import type { Verdict } from '../swap/verdict.ts';
import type { Outcome } from './divide.ts';
import type { Frozen } from './frozen.ts';
import type { PackedApart } from './packed-apart.ts';

/** A vessel with what it weighs empty, so that it need not be emptied to be weighed. */
export interface Vessel {
  readonly id: string;
  readonly name: string;
  /** Empty, g. */
  readonly grams: number;
  /** How much goes into it, ml; null where nobody said. */
  readonly millilitres: number | null;
}

/** What was made: the dish, or kits of what goes into it, to be cooked another day. */
export const COOK_AS = ['cooked', 'kits'] as const;
export type CookAs = (typeof COOK_AS)[number];

/** What an eater said of a dish this time. */
export type CookVerdict = Pick<Verdict, 'again' | 'enough' | 'note'>;

/** One time that a dish was cooked. */
export interface Cook {
  readonly id: string;
  readonly recipeId: string;
  /** The version that it was cooked by, and the one that says how it came to be; the same where nothing was different. */
  readonly fromId: string;
  readonly versionId: string;
  readonly as: CookAs;
  /** YYYY-MM-DD in the household's zone. */
  readonly day: string;
  /** What came out; null before it is dished up. */
  readonly out: Outcome | null;
  /** How the pot was weighed: with what is in it, and which vessel it is; null where it was not. */
  readonly gross: number | null;
  readonly vesselId: string | null;
  /** Shares of all of it that went elsewhere than into boxes: by the id of an eater, or one of `NAMELESS`. */
  readonly plates: Readonly<Record<string, number>>;
  /** What lies beside it on an eater's plate, each line as it was counted then. */
  readonly beside: Readonly<Record<string, Frozen>>;
  /** Whether what it needed was taken from the house. */
  readonly tookStock: boolean;
  /** From the first cut to the table, min; null where nobody looked. */
  readonly minutes: number | null;
  /** What each eater said of it, by their id. */
  readonly verdicts: Readonly<Record<string, CookVerdict>>;
  /** For the next time. */
  readonly note: string;
  /** What it was counted from; null before it is dished up. */
  readonly frozen: Frozen | null;
  /** When its first step was begun, ISO 8601; null where nobody was led through it. */
  readonly begun: string | null;
  /** When it is to be on the table, ISO 8601; null where nobody said. */
  readonly table: string | null;
  /** What is done of it, on whichever device: steps by their id, and lines in a step by `tickOf`. */
  readonly ticks: Readonly<Record<string, true>>;
  readonly timers: Readonly<Record<string, Timer>>;
  /** What the scale showed of a line, by its `originLineId`, g of all of it. */
  readonly weighed: Readonly<Record<string, number>>;
  /** Another way of cooking it than the steps say: the id of one; null for theirs. */
  readonly otherWay: string | null;
}

/** Where a box stands. */
export const BOX_PLACES = ['fridge', 'freezer'] as const;
export type BoxPlace = (typeof BOX_PLACES)[number];

/** How a box had kept, as its eater says. */
export const HOW_KEPT = ['as fresh', 'better', 'dry', 'watery', 'soft'] as const;
export type HowKept = (typeof HOW_KEPT)[number];

/** What a box counts for somebody: from the record of its cook. */
export interface BoxCount {
  readonly key: string;
  readonly mark: string;
  readonly programId: string;
  readonly programRevision: number;
  readonly raw: number;
  readonly points: number;
  readonly low: number;
  readonly high: number;
}

/** Who took a box, when, and what of somebody's day it became; null where nobody of the household ate it. */
export interface BoxTaken {
  readonly eaterId: string | null;
  readonly name: string;
  readonly at: string;
  readonly entryId: string | null;
}

/** A box of a dish that was cooked. */
export interface Box {
  readonly id: string;
  readonly cookId: string;
  readonly recipeId: string;
  readonly title: string;
  /** The share of all of the dish that is in it. */
  readonly share: number;
  readonly grams: number | null;
  /** Whose it is; null for anybody. */
  readonly eaterId: string | null;
  /** Which kind of box it is; null where nobody said. */
  readonly kindId: string | null;
  readonly as: CookAs;
  /** What of it is not packed into the rest. */
  readonly apart: readonly PackedApart[];
  readonly place: BoxPlace;
  readonly packed: string;
  /** The last day on which it should be eaten. */
  readonly keepUntil: string;
  readonly counts: readonly BoxCount[];
  readonly kcal: number | null;
  readonly protein: number | null;
  /** Who took it, and when; null while it is there. */
  readonly taken: BoxTaken | null;
  /** How it had kept; null where nobody said. */
  readonly kept: HowKept | null;
}

/** Where some of a dish goes that is on nobody's plate: everybody without a name, a taste at the stove, a crust cut off. */
export const NAMELESS = ['others', 'tasted', 'cut-off'] as const;
export const NAMELESS_WORDS: Readonly<Record<(typeof NAMELESS)[number], string>> = {
  others: 'Others',
  tasted: 'Tasted at the stove',
  'cut-off': 'Cut off, not eaten',
};
