import type { Difference, DocumentKind } from './document-kind.ts';
import { type Entry, EntryConflict } from './entry.ts';

/** What became of an entry on a newer document. */
export type Rebased<D, C> =
  | {
      readonly fits: true;
      readonly document: D;
      /** As it holds on the newer document; null when all that it wants is there already. */
      readonly entry: Entry<C> | null;
    }
  | { readonly fits: false; readonly differences: readonly Difference[] };

/**
 * Applies an entry, made on an older document, to the newest one. What does not touch what others did needs no
 * question; neither does what is there already. Only where both changed the same thing it does not fit, and says what
 * differs.
 *
 * @example rebase(kind, { servings: 9 }, { changes: [{ kind: 'servings', before: 4, after: 6 }], … })
 * // { fits: false, differences: [{ what: 'servings', here: '6', there: '9' }] }
 */
export function rebase<D, C>(kind: DocumentKind<D, C>, document: D, entry: Entry<C>): Rebased<D, C> {
  const changes: C[] = [];
  const differences: Difference[] = [];
  let next = document;
  for (const wanted of entry.changes) {
    const standing = kind.standing(next, wanted);
    if (standing === 'after') continue;
    const change = standing === 'before' ? wanted : kind.beside(next, wanted);
    if (change === null) {
      differences.push(kind.differ(next, wanted));
      continue;
    }
    next = kind.apply(next, change);
    changes.push(change);
  }
  if (differences.length > 0) return { fits: false, differences };
  return { fits: true, document: next, entry: changes.length === 0 ? null : { ...entry, changes } };
}

/**
 * The entry as the cook's answer to a conflict: mine holds over what is there. Changes of something that is gone fall
 * away.
 */
export function overwrite<D, C>(kind: DocumentKind<D, C>, document: D, entry: Entry<C>): Entry<C> | null {
  const changes: C[] = [];
  let next = document;
  for (const wanted of entry.changes) {
    if (kind.standing(next, wanted) === 'after') continue;
    const change = kind.over(next, wanted);
    if (change === null) continue;
    next = kind.apply(next, change);
    changes.push(change);
  }
  return changes.length === 0 ? null : { ...entry, changes };
}

/**
 * The document after an entry that was made on exactly this one.
 *
 * @throws EntryConflict when what the entry says was there is not.
 */
export function applyExactly<D, C>(kind: DocumentKind<D, C>, document: D, entry: Pick<Entry<C>, 'changes'>): D {
  return entry.changes.reduce((d, change) => {
    if (kind.standing(d, change) !== 'before') throw new EntryConflict(`${kind.name}: something else is there`);
    return kind.apply(d, change);
  }, document);
}

/** The changes that turn an entry round, last first. */
export const invertAll = <D, C>(kind: Pick<DocumentKind<D, C>, 'invert'>, changes: readonly C[]): C[] =>
  [...changes].reverse().map(kind.invert);
