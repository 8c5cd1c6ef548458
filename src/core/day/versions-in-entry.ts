import type { Version } from '../version/version.ts';
import type { DaySources } from './count-entry.ts';
import type { DayEntry } from './day-entry.ts';

/** The versions of recipes that something eaten is of, as far as they are there; none for foods and known points. */
export function versionsInEntry({ what }: Pick<DayEntry, 'what'>, from: DaySources): Version[] {
  const of = (id: string | undefined): Version[] => {
    const version = id === undefined ? null : from.version(id);
    return version === null ? [] : [version];
  };
  switch (what.kind) {
    case 'version':
      return of(what.versionId);
    case 'pot':
      return of(from.pot(what.potId)?.versionId);
    case 'cook':
      return of(from.cook(what.cookId)?.versionId);
    case 'box':
      return of(from.cook(from.box(what.boxId)?.cookId ?? '')?.versionId);
    case 'feast':
      return from.feast(what.feastId)?.dishes.flatMap((d) => of(d.versionId)) ?? [];
    case 'food':
    case 'known':
      return [];
  }
}
