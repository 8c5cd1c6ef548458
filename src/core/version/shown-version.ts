import type { Version } from './version.ts';

/**
 * The version that lists show of a recipe, and that its page opens with: the one the cook chose; else the newest
 * lightened one, but none that a feast made for itself and none as it was cooked; else the one as written. null where
 * there is none at all.
 *
 * @param versions in the order in which they were made
 * @param chosen the id of the cook's choice
 */
export function shownVersion(versions: readonly Version[], chosen: string | null): Version | null {
  return (
    versions.find((v) => v.id === chosen) ??
    versions.findLast((v) => v.kind === 'lightened' && v.madeFor === null) ??
    versions.find((v) => v.kind === 'asWritten') ??
    null
  );
}
