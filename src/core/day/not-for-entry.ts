import { avoidedBy } from '../swap/avoided.ts';
import type { Eater } from '../table/table.ts';
import type { DaySources } from './count-entry.ts';
import type { DayEntry } from './day-entry.ts';
import { foodsInEntry } from './foods-in-entry.ts';

/**
 * What in something its eater must not or will not eat, in words; none where nothing is known against it. Points that
 * are only known say nothing of what is in them.
 */
export const notForEntry = (eater: Pick<Eater, 'allergies' | 'avoids'>, entry: DayEntry, from: DaySources): string[] =>
  eater.allergies.length + eater.avoids.length === 0
    ? []
    : avoidedBy(
        eater,
        foodsInEntry(entry, from).map((p) => p.food),
      );
