import { useCallback, useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react';
import { type ChangeOf, DOCUMENTS, type DocumentOf } from '../../contract/documents.ts';
import type { DocumentName } from '../../core/documents/document-names.ts';
import type { FieldKind } from '../../core/history/field-change.ts';
import { refreshAfter } from '../data/queries.ts';
import { documentsOver, type Saved } from './documents.ts';
import type { Shown } from './saved-document.ts';

/** The documents of this page. */
export const documents = documentsOver((key) => void refreshAfter(key.householdId, key.name));

window.addEventListener('online', () => documents.flushAll());
window.addEventListener('focus', () => documents.refreshAll());
window.addEventListener('beforeunload', (event) => {
  if (documents.isUnsettled) event.preventDefault();
});

/** A document that is open, and what is shown of it. */
export interface OpenDocument<N extends DocumentName> {
  readonly saved: Saved<N>;
  readonly shown: Shown<DocumentOf<N>, ChangeOf<N>>;
}

/**
 * Opens a document; null while it loads.
 *
 * @param begins what is shown, and made by its first change, where the server knows none of this id; null to fail then
 * @throws while rendering when it cannot be loaded
 */
export function useDocument<N extends DocumentName>(
  householdId: string,
  name: N,
  id: string,
  begins: DocumentOf<N> | null = null,
): OpenDocument<N> | null {
  const key = useMemo(() => ({ householdId, name, id }), [householdId, name, id]);
  const [, setLoaded] = useState(0);
  const [failed, setFailed] = useState<{ readonly key: object; readonly error: unknown } | null>(null);
  const saved = documents.peek(key);
  const isThere = saved?.getShown() != null;
  const blank = useRef(begins);
  blank.current = begins;
  useEffect(() => {
    if (isThere) return;
    let alive = true;
    documents.load(key, blank.current).then(
      () => alive && setLoaded((n) => n + 1),
      (error) => alive && setFailed({ key, error }),
    );
    return () => {
      alive = false;
    };
  }, [key, isThere]);
  const shown = useSyncExternalStore(saved?.subscribe ?? noSubscription, saved?.getShown ?? noState);
  if (failed?.key === key) throw failed.error;
  return saved && shown ? { saved, shown } : null;
}

const noSubscription = () => () => {};
const noState = () => null;

/** A document as a list shows it, with its revision. */
export type Row<D> = D & { readonly revision: number };

/** How the rows of a list are changed: each is a document of its own. */
export interface Rows<N extends DocumentName> {
  /** What the server's list says, with everything that waits here over it. */
  readonly rows: readonly Row<DocumentOf<N>>[];
  make(id: string, document: DocumentOf<N>): Promise<void>;
  /** Changes a row from how it was seen, as small as its kind tells the fields apart. The answer turns it round. */
  change(id: string, seen: DocumentOf<N>, after: DocumentOf<N>, label: string): Promise<() => Promise<void>>;
  remove(id: string): Promise<void>;
  restore(id: string): Promise<void>;
}

/**
 * The rows of a list as documents.
 *
 * @param listed what the server's list says; each with its revision
 * @param idOf the id of a row's document
 */
export function useRows<N extends DocumentName>(
  householdId: string,
  name: N,
  listed: readonly Row<DocumentOf<N>>[],
  idOf: (document: DocumentOf<N>) => string,
): Rows<N> {
  const changes = useSyncExternalStore(documents.subscribe, documents.getChanges);
  const rows = useMemo(() => {
    const listedIds = new Set(listed.map(idOf));
    const over = listed.flatMap((row): Row<DocumentOf<N>>[] => {
      const shown = documents.peek({ householdId, name, id: idOf(row) })?.getShown();
      if (!shown || (shown.save === 'saved' && shown.revision < row.revision)) return [row];
      return shown.removed ? [] : [{ ...shown.document, revision: shown.revision }];
    });
    const made = documents.of(householdId).flatMap((d): Row<DocumentOf<N>>[] => {
      const shown = d.key.name === name && !listedIds.has(d.key.id) ? d.getShown() : null;
      // Acknowledged is not listed yet: until it is, what was made here stays where it was seen.
      return shown && !shown.removed && (d.waiting.length > 0 || d.isBroughtHere)
        ? [{ ...shown.document, revision: shown.revision }]
        : [];
    });
    return [...over, ...made];
  }, [listed, changes, householdId, name, idOf]);
  const hold = useCallback(
    (id: string): Saved<N> => {
      const row = listed.find((r) => idOf(r) === id);
      if (row === undefined) return documents.hold({ householdId, name, id }, null);
      const { revision, ...rest } = row;
      const document = rest as unknown as DocumentOf<N>;
      return documents.hold(
        { householdId, name, id },
        { document, revision, removed: false, entries: [], earlier: false },
      );
    },
    [listed, householdId, name, idOf],
  );
  return useMemo(
    () => ({
      rows,
      make: (id, document) => hold(id).want({ wants: 'make', document }),
      change: async (id, seen, after, label) => {
        const saved = hold(id);
        const kind = DOCUMENTS[name].kind as unknown as FieldKind<DocumentOf<N>>;
        const made = kind.changes(seen, after) as unknown as ChangeOf<N>[];
        await saved.do(label, made);
        const turned = [...made].reverse().map((c) => DOCUMENTS[name].kind.invert(c as never)) as ChangeOf<N>[];
        return () => saved.do(`Undo ${label}`, turned);
      },
      remove: (id) => hold(id).want({ wants: 'remove' }),
      restore: (id) => hold(id).want({ wants: 'restore' }),
    }),
    [rows, hold, name],
  );
}
