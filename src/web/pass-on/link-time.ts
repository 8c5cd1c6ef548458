import { addDays, addMonths, format, parseISO } from 'date-fns';

/** For how long a link leads to its card. */
export type LinkTime = 'always' | 'week' | 'month';

export const LINK_TIMES: readonly { readonly value: LinkTime; readonly words: string }[] = [
  { value: 'always', words: 'for good' },
  { value: 'week', words: 'a week' },
  { value: 'month', words: 'a month' },
];

/** The last day of a link that is made today, YYYY-MM-DD; null for no end. */
export function lastDayOf(time: LinkTime, today: string): string | null {
  if (time === 'always') return null;
  const from = parseISO(today);
  return format(time === 'week' ? addDays(from, 7) : addMonths(from, 1), 'yyyy-MM-dd');
}
