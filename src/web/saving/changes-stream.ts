import { z } from 'zod';
import { API } from '../../contract/api.ts';
import { type ChangeNote, ChangeNoteSchema } from '../../contract/entry.ts';
import { addressOf } from '../../contract/route.ts';

type Hear = (notes: readonly ChangeNote[]) => void;
const Notes = z.array(ChangeNoteSchema);

/**
 * Listens to what changes in a household. One tab of a browser holds the stream and tells the others, for a browser
 * opens only six connections to a host; when it closes, another takes over. Where the browser has no locks, as over
 * plain http in the house, a tab has a stream of its own while it is looked at.
 *
 * @param onBack called when the stream is there again after a break: what was said meanwhile was not heard
 * @returns ends it
 */
export function listenToChanges(householdId: string, hear: Hear, onBack: () => void): () => void {
  const channel =
    typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(`imbiss-changes-${householdId}`);
  channel?.addEventListener('message', (e) => {
    const notes = Notes.safeParse(e.data);
    if (notes.success) hear(notes.data);
    else onBack();
  });
  const tell: Hear = (notes) => {
    hear(notes);
    channel?.postMessage(notes);
  };
  const back = (): void => {
    onBack();
    channel?.postMessage('back');
  };
  const end =
    navigator.locks && channel !== null ? leadOne(householdId, tell, back) : whileVisible(householdId, hear, onBack);
  return () => {
    end();
    channel?.close();
  };
}

/** Holds the stream as long as no other tab does. */
function leadOne(householdId: string, tell: Hear, back: () => void): () => void {
  const given = new AbortController();
  let end = (): void => {};
  const held = new Promise<void>((resolve) => {
    end = resolve;
  });
  let stream: (() => void) | null = null;
  void navigator.locks
    .request(`imbiss-changes-${householdId}`, { signal: given.signal }, async () => {
      stream = openStream(householdId, tell, back);
      await held;
    })
    .catch(() => undefined);
  return () => {
    given.abort();
    stream?.();
    end();
  };
}

function whileVisible(householdId: string, hear: Hear, onBack: () => void): () => void {
  let stream: (() => void) | null = null;
  const look = (): void => {
    if (document.visibilityState === 'visible') {
      if (stream !== null) return;
      stream = openStream(householdId, hear, onBack);
      onBack();
    } else {
      stream?.();
      stream = null;
    }
  };
  look();
  document.addEventListener('visibilitychange', look);
  return () => {
    document.removeEventListener('visibilitychange', look);
    stream?.();
  };
}

function openStream(householdId: string, hear: Hear, onBack: () => void): () => void {
  const source = new EventSource(`/api${addressOf(API.changes, { h: householdId })}`);
  let broken = false;
  source.addEventListener('open', () => {
    if (broken) onBack();
    broken = false;
  });
  source.addEventListener('error', () => {
    broken = true;
  });
  source.addEventListener('message', (e) => {
    try {
      hear(Notes.parse(JSON.parse(e.data)));
    } catch {
      onBack();
    }
  });
  return () => source.close();
}
