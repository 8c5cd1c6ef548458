import { formatPoints } from '../program/format-points.ts';

/** What there is to say of a day that is below the floor of its program. */
export interface FloorNote {
  readonly planned: boolean;
  readonly words: string;
  readonly caution: string;
}

/** A day that is over, or is planned. */
export interface LowDay {
  /** null for a gap, and for somebody who does not count. */
  readonly points: number | null;
  readonly floor: number;
  /** Whether all of it is read, weighed and counted. */
  readonly complete: boolean;
  /** Whether somebody said that it was to be low. */
  readonly planned: boolean;
  /** Whether it was told before. */
  readonly told: boolean;
}

/**
 * What is said of a low day, once; null where there is nothing to say. Common practice: far below the allowance is
 * discouraged, an exception and not a plan, and never praised.
 */
export function floorNote({ points, floor, complete, planned, told }: LowDay): FloorNote | null {
  if (points === null || told || points >= floor) return null;
  const said = `${formatPoints(points)}${complete ? '' : ' so far'}, and the program says not below ${formatPoints(floor)}`;
  return {
    planned,
    words: planned ? `A low day, planned: ${said}.` : `A low day: ${said}. Was something not written down?`,
    caution: 'Eating much less than that is not the aim. If days like this repeat, talk to a clinician or a dietitian.',
  };
}
