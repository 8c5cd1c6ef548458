import { formatGrams } from '../quantity/format-amount.ts';
import type { BoxPlace } from './cook.ts';

/** A kind of box that a household has. */
export interface BoxKind {
  readonly id: string;
  readonly name: string;
  /** What goes into it, ml; null where nobody knows. */
  readonly millilitres: number | null;
  /** Into how many parts it is divided. */
  readonly parts: number;
  /** Empty, g; null where nobody weighed it. */
  readonly grams: number | null;
  readonly microwave: boolean;
  readonly freezer: boolean;
}

/** @example boxKindWords(kind) // '500 ml, 310 g empty, for the microwave, not for the freezer' */
export function boxKindWords(kind: BoxKind): string {
  return [
    kind.millilitres === null ? null : `${kind.millilitres} ml`,
    kind.parts === 1 ? null : `${kind.parts} parts`,
    kind.grams === null ? null : `${formatGrams(kind.grams)} empty`,
    `${kind.microwave ? '' : 'not '}for the microwave`,
    `${kind.freezer ? '' : 'not '}for the freezer`,
  ]
    .filter((w) => w !== null)
    .join(', ');
}

/** Water gains a ninth of its volume as ice: common practice leaves a tenth of a box free. */
const FULL_FROZEN = 0.9;

/**
 * Why a box does not do for what is to go into it, in words; none where it does. A gram of a dish takes up about a
 * millilitre.
 *
 * @param grams what is to go into one of them; null where nobody weighed it
 */
export function kindProblems(kind: BoxKind, place: BoxPlace, grams: number | null): string[] {
  const problems: string[] = [];
  if (place === 'freezer' && !kind.freezer)
    problems.push(`The ${kind.name} is not for the freezer: glass and thin plastic can break there.`);
  const room = kind.millilitres;
  if (room === null || grams === null) return problems;
  if (grams > room)
    problems.push(
      `The ${kind.name} holds about ${formatGrams(room)}, and ${formatGrams(grams)} are to go into it. Pack less, or a larger box.`,
    );
  else if (place === 'freezer' && grams > room * FULL_FROZEN)
    problems.push(`What is this full needs room to freeze: put ${formatGrams(room * FULL_FROZEN)} at most into it.`);
  return problems;
}
