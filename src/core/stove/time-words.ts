import { formatAmount } from '../quantity/format-amount.ts';
import { minutesSaid } from '../quantity/minutes-said.ts';

/**
 * A time as a step would say it: "30 s", "45 to 55 min", "1 h 30 min".
 *
 * @param from s @param to s; null where it has one end
 */
export function timeWords(from: number, to: number | null): string {
  const said = (s: number): string =>
    s < 60 ? `${Math.round(s)} s` : s % 60 === 0 ? minutesSaid(s / 60) : `${formatAmount(s / 60)} min`;
  if (to === null) return said(from);
  const inMinutes = from >= 60 && to < 3600;
  return inMinutes ? `${formatAmount(from / 60)} to ${formatAmount(to / 60)} min` : `${said(from)} to ${said(to)}`;
}
