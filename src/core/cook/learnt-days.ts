import { differenceInCalendarDays, parseISO } from 'date-fns';
import type { Box, HowKept } from './cook.ts';

/** Fewer answers are chance. */
const ENOUGH_ANSWERS = 2;
const GOOD: ReadonlySet<HowKept> = new Set(['as fresh', 'better']);
/** What can be done about it the next time. */
const PACK_APART: Readonly<Partial<Record<HowKept, string>>> = {
  soft: 'pack what should be crisp apart',
  watery: 'pack what is wet apart',
};

/**
 * How many days a dish is good for in the fridge, as its eaters found; null before two of them have said.
 *
 * @example learntDaysWords(boxes) // 'Good after 2 days, soft after 3: pack what should be crisp apart.'
 */
export function learntDaysWords(boxes: readonly Box[]): string | null {
  const said = boxes.flatMap((b) =>
    b.as === 'cooked' && b.place === 'fridge' && b.taken !== null && b.kept !== null
      ? [{ days: differenceInCalendarDays(parseISO(b.taken.at.slice(0, 10)), parseISO(b.packed)), kept: b.kept }]
      : [],
  );
  if (said.length < ENOUGH_ANSWERS) return null;
  const good = Math.max(-1, ...said.filter((s) => GOOD.has(s.kept)).map((s) => s.days));
  const [bad] = said.filter((s) => !GOOD.has(s.kept)).toSorted((a, b) => a.days - b.days);
  const after = (days: number): string => `after ${days} ${days === 1 ? 'day' : 'days'}`;
  if (bad === undefined) return `Good ${after(good)} so far.`;
  const apart = PACK_APART[bad.kept] === undefined ? '.' : `: ${PACK_APART[bad.kept]}.`;
  return good < 0
    ? `${bad.kept[0]!.toUpperCase()}${bad.kept.slice(1)} ${after(bad.days)}${apart}`
    : `Good ${after(good)}, ${bad.kept} after ${bad.days}${apart}`;
}
