import type { DocumentName } from '../../core/documents/document-names.ts';
import type { Entry } from '../../core/history/entry.ts';

/** What somebody wants of a document. */
export type Wish<D, C> =
  | { readonly wants: 'entry'; readonly entry: Entry<C> }
  | { readonly wants: 'make'; readonly document: D }
  | { readonly wants: 'remove' }
  | { readonly wants: 'restore' };

/** Which document: one of a household, by kind and id. */
export interface DocumentKey {
  readonly householdId: string;
  readonly name: DocumentName;
  readonly id: string;
}

/** A wish that waits to be acknowledged, with the revision that it was made on. */
export interface Waiting<D = unknown, C = unknown> {
  /** Grows with time, so that wishes are sent in the order in which they were made. */
  readonly key: string;
  readonly document: DocumentKey;
  readonly base: number;
  readonly wish: Wish<D, C>;
  /** The tab that made it and sends it, as long as it lives. */
  readonly tab: string;
  /** The format of this record. */
  readonly v: 1;
}

export const sameDocument = (a: DocumentKey, b: DocumentKey): boolean =>
  a.name === b.name && a.id === b.id && (a.householdId === b.householdId || a.householdId === '');
