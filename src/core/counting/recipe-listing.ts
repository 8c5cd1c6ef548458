import type { CountingEater } from '../table/table.ts';
import type { Kitchen } from '../version/kitchen.ts';
import type { Version } from '../version/version.ts';
import { countVersion } from './count-version.ts';

/** What the list shows of a recipe's counts. */
export interface RecipeListing {
  /** The version that is shown: the newest lightened one, else the one as written. */
  readonly version: Version;
  readonly versions: number;
  readonly kcal: number | null;
  /** What a serving weighs as it goes into the pot, g. */
  readonly servingGrams: number;
  /** How many lines wait for an answer. */
  readonly open: number;
  /** A serving for everyone who counts; beside it, where the shown version is a lightened one, as written. */
  readonly points: readonly {
    readonly counter: string;
    readonly mark: string;
    readonly points: number;
    readonly was: number | null;
    readonly complete: boolean;
  }[];
}

/** The version of a recipe that lists show. @param versions in the order in which they were made, the one as written among them. */
export function shownVersion(versions: readonly Version[]): Version | null {
  return versions.filter((v) => v.kind === 'lightened').pop() ?? versions.find((v) => v.kind === 'asWritten') ?? null;
}

/** Counts what the list shows of a recipe; null when it has no version to show. */
export function listRecipe(
  versions: readonly Version[],
  kitchen: Kitchen,
  eaters: readonly CountingEater[],
): RecipeListing | null {
  const shown = shownVersion(versions);
  if (shown === null) return null;
  const counters = eaters.map((e) => e.counter);
  const now = countVersion(shown, kitchen, counters);
  const asWritten = versions.find((v) => v.kind === 'asWritten');
  const was = asWritten === undefined || asWritten === shown ? null : countVersion(asWritten, kitchen, counters);
  return {
    version: shown,
    versions: versions.length,
    kcal: now.perServing.kcal.value,
    servingGrams: now.servingGrams,
    open: now.open.length,
    points: eaters.map((e, i) => ({
      counter: e.key,
      mark: e.program.mark,
      points: now.counts[i]!.points,
      was: was?.counts[i]!.points ?? null,
      complete: now.counts[i]!.complete,
    })),
  };
}
