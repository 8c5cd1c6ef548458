import type { Difference, DocumentKind, Standing } from '../history/document-kind.ts';
import type { Entry as DocumentEntry } from '../history/entry.ts';
import { applyExactly, invertAll } from '../history/rebase.ts';
import { same } from '../history/same.ts';
import type { DishKind } from './dish-words.ts';
import { changedSteps, mergeSteps } from './merge-steps.ts';
import type { Line, Step, Version } from './version.ts';

export { EntryConflict } from '../history/entry.ts';
export { historyOf } from '../history/history.ts';

/** One small change of a version, with what was before, so that it can be turned round. */
export type Change =
  | {
      readonly kind: 'line';
      readonly lineId: string;
      /** null when the line is new. */
      readonly before: Line | null;
      /** null when the line goes. */
      readonly after: Line | null;
      /** Where it stands, or stood. */
      readonly index: number;
    }
  | { readonly kind: 'servings'; readonly before: number | null; readonly after: number | null }
  | { readonly kind: 'steps'; readonly before: readonly Step[]; readonly after: readonly Step[] }
  | { readonly kind: 'name'; readonly before: string; readonly after: string }
  | { readonly kind: 'dish'; readonly before: DishKind | null; readonly after: DishKind | null };

/** What a cook did to a version in one go. */
export type VersionEntry = DocumentEntry<Change>;

const lineById = (version: Version, id: string): Line | null => version.lines.find((l) => l.id === id) ?? null;

function there(version: Version, change: Change): unknown {
  switch (change.kind) {
    case 'line':
      return lineById(version, change.lineId);
    case 'servings':
      return version.servings;
    case 'steps':
      return version.steps;
    case 'name':
      return version.name;
    case 'dish':
      return version.dish;
  }
}

/** A version, as the engine that saves it sees it. */
export const VERSION_KIND: DocumentKind<Version, Change> = {
  name: 'version',
  standing: (version, c): Standing => {
    const now = there(version, c);
    if (same(now, c.before)) return c.kind === 'line' && c.before === null && c.after === null ? 'other' : 'before';
    return same(now, c.after) ? 'after' : 'other';
  },
  apply: (version, c): Version => {
    switch (c.kind) {
      case 'line': {
        const { after } = c;
        const at = version.lines.findIndex((l) => l.id === c.lineId);
        if (after === null) return { ...version, lines: version.lines.filter((_, i) => i !== at) };
        if (at !== -1) return { ...version, lines: version.lines.map((l, i) => (i === at ? after : l)) };
        const lines = [...version.lines];
        lines.splice(Math.min(c.index, lines.length), 0, after);
        return { ...version, lines };
      }
      case 'servings':
        return { ...version, servings: c.after };
      case 'steps':
        return { ...version, steps: c.after };
      case 'name':
        return { ...version, name: c.after };
      case 'dish':
        return { ...version, dish: c.after };
    }
  },
  invert: (c): Change => ({ ...c, before: c.after, after: c.before }) as Change,
  over: (version, c): Change => ({ ...c, before: there(version, c) }) as Change,
  beside: (version, c): Change | null => {
    if (c.kind !== 'steps') return null;
    const after = mergeSteps(c.before, version.steps, c.after);
    return after === null ? null : { ...c, before: version.steps, after };
  },
  differ: (version, c): Difference => {
    switch (c.kind) {
      case 'line':
        return {
          what: (c.after ?? c.before ?? lineById(version, c.lineId))?.item || 'a line',
          here: changedLineWords(c.after),
          there: changedLineWords(lineById(version, c.lineId)),
        };
      case 'servings':
        return { what: 'servings', here: servingsSaid(c.after), there: servingsSaid(version.servings) };
      case 'name':
        return { what: 'the name', here: `"${c.after}"`, there: `"${version.name}"` };
      case 'dish':
        return { what: 'what kind of dish it is', here: dishSaid(c.after), there: dishSaid(version.dish) };
      case 'steps':
        return {
          what: 'the steps',
          here: changedSteps(c.before, c.after),
          there: changedSteps(c.before, version.steps),
        };
    }
  },
};

const dishSaid = (dish: DishKind | null): string => dish ?? 'as it is read';

const servingsSaid = (n: number | null): string => (n === null ? 'not said' : String(Math.round(n * 1000) / 1000));

function changedLineWords(line: Line | null): string {
  if (line === null) return 'gone';
  if (line.leftOut) return 'left out';
  const grams = line.weight === null ? '' : ` (${Math.round(line.weight.grams * 10) / 10} g)`;
  return `${line.text.trim() || line.item}${grams}${line.kept ? ', kept' : ''}`;
}

/**
 * The version after an entry that was made on it. Pure; the revision grows by one.
 *
 * @throws EntryConflict when what the entry says was there is not.
 */
export function applyEntry(version: Version, entry: VersionEntry): Version {
  return { ...applyExactly(VERSION_KIND, version, entry), revision: version.revision + 1 };
}

/** The changes that turn an entry round, last first. */
export const invertChanges = (changes: readonly Change[]): Change[] => invertAll(VERSION_KIND, changes);

/** The change that puts a line's new state in place of its old one. */
export function lineChange(version: Version, lineId: string, after: Line | null): Change {
  const index = version.lines.findIndex((l) => l.id === lineId);
  const before = version.lines[index] ?? null;
  return { kind: 'line', lineId, before, after, index: index === -1 ? version.lines.length : index };
}
