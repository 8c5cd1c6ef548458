import { notSureOf } from '../cook/not-sure-of.ts';
import type { Eater } from '../table/table.ts';
import { unreadLines } from '../version/unread-lines.ts';
import type { DaySources } from './count-entry.ts';
import type { DayEntry } from './day-entry.ts';
import { versionsInEntry } from './versions-in-entry.ts';

/** Why nobody can say whether somebody with an allergy may eat something that stands on a day; null where that is known. */
export const notSureFor = (
  eater: Pick<Eater, 'name' | 'allergies'>,
  entry: Pick<DayEntry, 'what'>,
  from: DaySources,
): string | null =>
  eater.allergies.length === 0
    ? null
    : notSureOf(eater, [...new Set(versionsInEntry(entry, from).flatMap((v) => unreadLines(v, from.kitchen)))]);
