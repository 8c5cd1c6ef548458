import type { Allergen } from '../food/food.ts';
import type { Counter, Pin, Program } from '../program/program.ts';
import type { SourceWords } from '../program/source-words.ts';
import type { Exception } from '../program/uncounted.ts';
import type { MeasureSystem } from '../quantity/measure-system.ts';
import type { Region } from '../region/region.ts';
import type { DailyAim } from './daily-aim.ts';
import type { Meal } from './meal.ts';
import type { StandingItem } from './standing-item.ts';

/** Who keeps house together: they share recipes, pantry and table. */
export interface Household {
  readonly id: string;
  readonly name: string;
  readonly demo: boolean;
  readonly system: MeasureSystem;
  /** How it talks, apart from its measures. */
  readonly region: Region;
  /** IANA time zone: dates are days in it. */
  readonly zone: string;
  /** What words of sources mean: the id of one of its programs, or null for none of them. */
  readonly sourceWords: SourceWords;
  /** By how much its oven is hotter than it says, °C, below 0 colder; null where nobody measured. */
  readonly ovenRunsHot: number | null;
  /** The meals of its days, in their order. */
  readonly meals: readonly Meal[];
  /** What it would like of its days. */
  readonly aims: readonly DailyAim[];
  /** Whether a day takes the most that a doubt leaves. */
  readonly upwards: boolean;
}

/** A person of the household. */
export interface Eater {
  readonly id: string;
  readonly name: string;
  /** null: eats along and does not count. */
  readonly programId: string | null;
  readonly exceptions: readonly Exception[];
  /** Points a day, where it is another than the program's; null for that. */
  readonly allowance: number | null;
  readonly allergies: readonly Allergen[];
  /** Foods this eater avoids, in words or by food id. */
  readonly avoids: readonly string[];
  /** What this eater would rather not eat: it is no ban, and departs more. */
  readonly ratherNot: readonly string[];
  /** What this eater does not want on top of a dish, but eats in it. */
  readonly notOnTop: readonly string[];
  /** What this eater has on the same days again and again. */
  readonly standing: readonly StandingItem[];
}

/** Everything that decides who counts how at a household's table. */
export interface Table {
  readonly household: Household;
  readonly eaters: readonly Eater[];
  readonly programs: readonly Program[];
  readonly pins: readonly Pin[];
}

/** Somebody a dish is counted for: an eater with their program, or a bare program where nobody counts yet. */
export interface CountingEater {
  /** The eater's id; the program's where there is no eater. */
  readonly key: string;
  readonly eater: Pick<Eater, 'id' | 'name' | 'allergies' | 'avoids' | 'ratherNot' | 'notOnTop'>;
  readonly program: Program;
  readonly counter: Counter;
}

/**
 * Who counts at the table, in the household's order, each with their own exceptions and the household's pins. Where
 * nobody counts yet, every program stands for itself. List, bench, feast, card and API all ask here.
 */
export function countersAt(table: Pick<Table, 'eaters' | 'programs' | 'pins'>): CountingEater[] {
  const own = table.eaters.flatMap((eater): CountingEater[] => {
    const program = table.programs.find((p) => p.id === eater.programId);
    if (program === undefined) return [];
    return [{ key: eater.id, eater, program, counter: { program, exceptions: eater.exceptions, pins: table.pins } }];
  });
  if (own.length > 0) return own;
  return table.programs.map((program) => ({
    key: program.id,
    eater: { id: program.id, name: program.name, allergies: [], avoids: [], ratherNot: [], notOnTop: [] },
    program,
    counter: { program, exceptions: [], pins: table.pins },
  }));
}

/**
 * The programs that somebody at the table counts under; all of them when nobody does yet. A card quotes programs and
 * not eaters, for own exceptions hold for one person only.
 */
export function programsInUse(table: Pick<Table, 'eaters' | 'programs'>): Program[] {
  const used = table.programs.filter((p) => table.eaters.some((e) => e.programId === p.id));
  return used.length > 0 ? used : [...table.programs];
}
