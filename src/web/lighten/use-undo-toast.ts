import { useEffect, useRef } from 'react';
import { toast } from 'sonner';
import type { VersionCount } from '../../core/counting/count-version.ts';
import { gainWords } from '../../core/program/format-points.ts';
import type { CountingEater } from '../context/household-context.ts';
import { sayError } from '../kit/say-error.ts';
import type { ShownVersion, VersionEditor } from '../saving/version-editor.ts';

/** How long the way back stays under the thumb, ms. */
const STAYS_MS = 8000;
/** One at a time: a newer change takes the place of the one before. */
const TOAST = 'undo-on-bench';

/**
 * Says every change of the bench where the thumb is, with what it gained and the way back: "LE −2: cream. Undo". What is
 * undone or done again is not said: the buttons did it.
 */
export function useUndoToast(
  editor: VersionEditor,
  shown: ShownVersion,
  count: VersionCount,
  eaters: readonly CountingEater[],
): void {
  const { undo } = shown.history;
  /** The count as it was after the last change: what is being typed is none yet. */
  const last = useRef(count);
  const lastId = useRef(undo?.id ?? null);
  const seen = useRef<ReadonlySet<string>>(new Set(undo === null ? [] : [undo.id]));
  useEffect(() => {
    const id = undo?.id ?? null;
    if (id === lastId.current) return;
    lastId.current = id;
    const before = last.current;
    last.current = count;
    if (undo === null || seen.current.has(undo.id)) {
      toast.dismiss(TOAST);
      return;
    }
    seen.current = new Set([...seen.current, undo.id]);
    const gains = eaters.flatMap((e, i) => {
      const [was, now] = [before.counts[i], count.counts[i]];
      if (was === undefined || now === undefined || was.points === now.points) return [];
      return [`${e.program.mark} ${gainWords(was, now)}`];
    });
    const words = gains.length > 0 ? `${gains.join(' · ')}: ${undo.label}` : undo.label;
    toast(words, {
      id: TOAST,
      duration: STAYS_MS,
      action: { label: 'Undo', onClick: () => void Promise.resolve(editor.undo()).catch(sayError) },
    });
  }, [undo, count, eaters, editor]);
}
