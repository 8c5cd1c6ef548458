import type { z } from 'zod';
import type { DocumentName } from '../../core/documents/document-names.ts';
import { invalid } from '../../core/errors.ts';
import type { DocumentKind } from '../../core/history/document-kind.ts';
import type { Scope } from './scope.ts';

/** A document as it lies on its shelf. */
export interface Shelved<D> {
  readonly document: D;
  readonly revision: number;
  readonly removed: boolean;
}

/**
 * Where one kind of document lies: how it is found, put and marked. What it means to change it is the engine's, in
 * `entries.ts`.
 */
export interface Shelf<D, C> {
  readonly name: DocumentName;
  /** What one is called: "eater". */
  readonly what: string;
  readonly kind: DocumentKind<D, C>;
  readonly schema: z.ZodType<D>;
  readonly change: z.ZodType<C>;
  /** The revision that a new one begins with. */
  readonly first: number;
  /** Whether its id says what it is of, so that two people may make the same one, and one that was removed again. */
  readonly isPair?: boolean;
  find(s: Scope, id: string): Promise<Shelved<D> | null>;
  /** @throws DomainError not-found where the id is another household's */
  insert(s: Scope, id: string, document: D): Promise<void>;
  update(s: Scope, id: string, document: D, revision: number): Promise<void>;
  /** Marks as removed, or takes the mark away. */
  mark(s: Scope, id: string, removedAt: string | null, revision: number): Promise<void>;
  /** What only the store can check, before anything is written. @throws DomainError */
  check?(s: Scope, id: string, after: D, before: D | null): Promise<void>;
  /** @throws DomainError in-use, by name, when something else takes from it */
  checkRemoval?(s: Scope, id: string, document: D): Promise<void>;
  /** What follows from a change: indexes, counts. `after` is null when it was removed. */
  follow?(s: Scope, id: string, before: D | null, after: D | null): Promise<void>;
}

/** @throws DomainError invalid for a document that is another one than its address says */
export function requireSame(addressed: string, own: string): void {
  if (addressed !== own) throw invalid('The address and the body name different things.');
}
