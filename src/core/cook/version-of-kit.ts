import { applyEntry } from '../version/entry.ts';
import { scaleChangesBy } from '../version/scale-version.ts';
import type { Version } from '../version/version.ts';
import { asCookedCopy } from './as-cooked.ts';

/**
 * What is cooked of a raw kit: a version of its own with that share of every line.
 *
 * @param day in words
 */
export function versionOfKit(of: Version, share: number, day: string, newId: () => string): Version {
  const copy = asCookedCopy(of, day, newId);
  const changes = scaleChangesBy(copy, share);
  const scaled = applyEntry(copy, { id: newId(), label: 'A kit', changes, undoes: null });
  return { ...scaled, name: `a kit, ${day}`, revision: 0 };
}
