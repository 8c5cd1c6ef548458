import { EPSILON } from '../program/rule.ts';
import type { DayCount } from './day-count.ts';

/** What is left of a day, or what a meal aims for; null where nothing is asked. */
export interface Room {
  /** The most points. */
  readonly points: number | null;
  /** The most energy. */
  readonly kcal: number | null;
  /** The least protein, g. */
  readonly protein: number | null;
}

/** What a portion comes to. */
export interface PortionWorth {
  readonly points: number | null;
  /** What the points may be at most. */
  readonly high: number | null;
  readonly kcal: number | null;
  readonly protein: number | null;
  /** Whether all of it is read and weighed: what is not comes to more than is known. */
  readonly complete: boolean;
}

/** What a portion comes to, for a room. @param upwards whether doubts are counted upwards */
export const portionWorth = ({ points, high, kcal, protein, complete }: DayCount, upwards: boolean): PortionWorth => ({
  points: upwards ? high : points,
  high,
  kcal,
  protein,
  complete,
});

/** The part of something that fits. */
export interface FittingPortion extends PortionWorth {
  readonly portion: number;
  /** Whether the usual one fits, twice of it, or only some of it. */
  readonly is: 'whole' | 'double' | 'half' | 'some';
}

/** Portions that people eat, the usual one first, then what is less. */
const FITTING_PORTIONS = [
  [1, 'whole'],
  [0.75, 'some'],
  [0.5, 'half'],
  [0.25, 'some'],
] as const;

/** Whether a portion is within the room; what is not known, or not wholly, does not fit. */
export function isWithin(worth: PortionWorth, room: Room): boolean {
  const most = (v: number | null, limit: number | null): boolean =>
    limit === null || (v !== null && v <= limit + EPSILON);
  return (
    worth.complete &&
    most(worth.points, room.points) &&
    most(worth.kcal, room.kcal) &&
    (room.protein === null || (worth.protein !== null && worth.protein >= room.protein - EPSILON))
  );
}

/**
 * The portion of something that fits: the usual one, twice where that still does and the room asks for protein, else the
 * largest part of it that people eat; null where none does.
 *
 * @param at what a portion comes to, in servings
 * @param parts whether it can be had in part
 */
export function portionThatFits(
  at: (portion: number) => PortionWorth,
  room: Room,
  parts = true,
): FittingPortion | null {
  for (const [portion, is] of parts ? FITTING_PORTIONS : FITTING_PORTIONS.slice(0, 1)) {
    const worth = at(portion);
    if (isWithin(worth, room)) return { ...worth, portion, is };
    // More of it is what brings the protein.
    if (portion === 1 && room.protein !== null && isWithin(worth, { ...room, protein: null })) {
      const twice = at(2);
      if (isWithin(twice, room)) return { ...twice, portion: 2, is: 'double' };
    }
  }
  return null;
}

/** A fit in words. @example fitWords({ is: 'half' }) // 'half of it fits' */
export const fitWords = ({ is, portion }: Pick<FittingPortion, 'is' | 'portion'>): string =>
  is === 'whole'
    ? 'a portion fits'
    : is === 'double'
      ? 'two portions fit'
      : is === 'half'
        ? 'half of it fits'
        : `${portion === 0.75 ? '¾' : '¼'} of it fits`;
