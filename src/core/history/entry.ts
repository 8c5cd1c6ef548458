/**
 * What somebody did to a document in one go: a few changes, each naming what it changes and what was there before.
 * Entries are append-only; undo writes the inverse.
 *
 * @typeParam C what one change of this kind of document looks like
 */
export interface Entry<C> {
  /** Also the key by which a repeated request is known. */
  readonly id: string;
  /** In words, for undo: "Swap cream". */
  readonly label: string;
  readonly changes: readonly C[];
  /** The entry that this one turns round; null for one of its own. */
  readonly undoes: string | null;
}

/** An entry does not fit the document it is applied to: something else changed it in between. */
export class EntryConflict extends Error {}
