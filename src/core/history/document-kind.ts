/** How a document stands to one change: it holds what was there before, what is wanted, or something else. */
export type Standing = 'before' | 'after' | 'other';

/** Where two copies differ, in words for the question: "servings: here 9, there 6". */
export interface Difference {
  readonly what: string;
  readonly here: string;
  readonly there: string;
}

/**
 * What the engine has to know of a kind of document to save it by entries.
 *
 * @typeParam D the document
 * @typeParam C one change of it
 */
export interface DocumentKind<D, C> {
  readonly name: string;
  /** How the document stands to a change. */
  standing(document: D, change: C): Standing;
  /** The document with the change made, whatever was there. @throws EntryConflict where there is no place for it */
  apply(document: D, change: C): D;
  /** The change that turns this one round. */
  invert(change: C): C;
  /**
   * The same wish over what the document holds now: its `before` is what is there. Null where that cannot be, for the
   * thing it belongs to is gone.
   */
  over(document: D, change: C): C | null;
  /** The same wish beside what somebody else did to another part of the same field; null where both touch the same. */
  beside(document: D, change: C): C | null;
  /** What differs, in words: here as the change wants it, there as the document has it. */
  differ(document: D, change: C): Difference;
}
