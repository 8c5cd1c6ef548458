import { DEEPEST } from './inner-recipes.ts';
import type { Kitchen } from './kitchen.ts';
import type { Version } from './version.ts';

/**
 * The lines of a version of which nobody knows what they are, in their words: those of recipes that it takes from, too.
 *
 * @example unreadLines(stew, kitchen) // ['1 lump of moonrock']
 */
export function unreadLines(version: Version, kitchen: Kitchen, path: readonly string[] = []): string[] {
  if (path.includes(version.id) || path.length >= DEEPEST) return [];
  return version.lines.flatMap((line): string[] => {
    if (line.leftOut) return [];
    if (line.food.kind === 'open') return [line.text];
    if (line.food.kind !== 'recipe') return [];
    const inner = kitchen.version(line.food.versionId);
    return inner === null ? [line.text] : unreadLines(inner, kitchen, [...path, version.id]);
  });
}
