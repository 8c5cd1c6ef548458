import { useSyncExternalStore } from 'react';
import type { DocumentName } from '../../core/documents/document-names.ts';
import { SaveQuestion } from '../kit/save-state.tsx';
import type { AnyDocument } from '../saving/documents.ts';
import { SAVE_WORDS } from '../saving/save-words.ts';
import { documents } from '../saving/use-document.ts';

/** What these say of themselves on their own page, when that is open. */
const SAYS_ITSELF: readonly DocumentName[] = ['versions', 'feasts'];

/** What one is called, by what it holds. */
function documentName(d: AnyDocument): string {
  const document = d.getShown()?.document as { name?: string; title?: string; code?: string } | undefined;
  return document?.name ?? document?.title ?? document?.code ?? 'Something';
}

/**
 * Everything of a household that waits or waits for an answer, wherever the cook is: also what another tab left behind
 * and what is not looked at.
 */
export function Unsettled({ householdId, path }: { householdId: string; path: string }) {
  useSyncExternalStore(documents.subscribe, documents.getChanges);
  const open = documents.of(householdId).flatMap((d) => {
    const shown = d.getShown();
    const hereAlready = SAYS_ITSELF.includes(d.key.name) && isOpenAt(path, d);
    return shown && shown.save !== 'saved' && shown.save !== 'saving' && !hereAlready ? [{ d, shown }] : [];
  });
  if (open.length === 0) return null;
  const offline = open.some(({ shown }) => shown.save === 'offline');
  return (
    <section aria-label="Not settled" className="no-print px-edge pt-3">
      {offline && (
        <p role="status" className="note">
          {SAVE_WORDS.offline}
        </p>
      )}
      {open.map(({ d, shown }) => (
        <SaveQuestion key={`${d.key.name} ${d.key.id}`} saved={d} shown={shown} what={documentName(d)} />
      ))}
    </section>
  );
}

function isOpenAt(path: string, d: AnyDocument): boolean {
  const recipeId = (d.getShown()?.document as { recipeId?: string } | undefined)?.recipeId;
  return path.includes(`/${d.key.id}`) || (recipeId !== undefined && path.includes(`/${recipeId}/`));
}
