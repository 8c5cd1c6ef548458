import type { CountingMethod, Rule } from './rule.ts';
import type { TaughtFrom } from './taught-from.ts';
import type { Exception, UncountedList } from './uncounted.ts';

/** How a program's days make a week. */
export interface ProgramWeek {
  /** The day that it begins with, 1 Monday to 7 Sunday (ISO 8601). */
  readonly begins: number;
  /** The most points that are left of a day and may be eaten on another of its week; 0 where they are lost. */
  readonly carriesOver: number;
  /** Whether a day adds what was rounded, or rounds what was added. */
  readonly adds: 'rounded' | 'raw';
}

/** A week as most programs have it. */
export const USUAL_WEEK: ProgramWeek = { begins: 1, carriesOver: 0, adds: 'rounded' };

/** One immutable revision of a program. Programs are marked by letters, never by a colour. */
export interface Program {
  readonly id: string;
  readonly revision: number;
  /** Two or three letters. */
  readonly mark: string;
  readonly name: string;
  /** What its uncounted list follows, in a sentence; empty where nobody said. */
  readonly idea: string;
  readonly rule: Rule;
  /** What the rule was taught from; null for one that was typed, which is certain. */
  readonly taught: TaughtFrom | null;
  /** The way of counting a portion that the program itself uses. */
  readonly by: CountingMethod;
  readonly list: UncountedList;
  /** Whether each person has an own list: what this one says holds for nobody else. */
  readonly personal: boolean;
  /** Points a day, a week's reserve, and the daily floor below which it is discouraged to stay. */
  readonly allowance: number;
  readonly reserve: number;
  readonly floor: number;
  readonly week: ProgramWeek;
}

/** Points the cook knows for an amount of a food. Linear; overrides rule and list. */
export interface Pin {
  readonly foodId: string;
  readonly programId: string;
  readonly points: number;
  readonly grams: number;
}

/** A pin as it is kept: when it was said, where it stands, and which revision of the food it was said of. */
export interface SaidPin extends Pin {
  /** A day, YYYY-MM-DD; null for one from before days were kept. */
  readonly saidOn: string | null;
  /** Such as "booklet, page 12"; empty where nobody said. */
  readonly source: string;
  readonly foodRevision: number | null;
}

/** Whose count it is: a program, with an eater's own exceptions and the household's pins. */
export interface Counter {
  readonly program: Program;
  readonly exceptions: readonly Exception[];
  readonly pins: readonly Pin[];
}

/** A counter for a bare program, nobody's exceptions. */
export const plainCounter = (program: Program, pins: readonly Pin[] = []): Counter => ({
  program,
  exceptions: [],
  pins,
});
