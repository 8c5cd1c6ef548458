import { useEffect, useRef, useState } from 'react';
import { answerWord, typedOver } from '../../core/photo/answer-word.ts';
import type { PhotoLine } from '../../core/photo/photo-lines.ts';
import type { WordDoubt } from '../../core/photo/word-doubts.ts';
import { sayDone } from '../kit/say-done.ts';

/** A line of a photograph while its questions are answered. */
export interface LineToAnswer {
  readonly line: PhotoLine;
  readonly isLeftOut: boolean;
}

export type PhotoState =
  | { readonly is: 'reading'; readonly share: number }
  | { readonly is: 'failed' }
  | {
      readonly is: 'read';
      readonly lines: readonly LineToAnswer[];
      /** As it was taken. */
      readonly photo: Blob;
      /** Straight and in even light, as a data URL. */
      readonly picture: string;
    };

/** A photograph that is read and asked about: each line answered, typed over or left out. */
export function usePhoto() {
  const [state, setState] = useState<PhotoState | null>(null);
  const running = useRef<AbortController | null>(null);
  useEffect(() => () => running.current?.abort(), []);
  const open = async (photo: Blob) => {
    running.current?.abort();
    const { signal } = (running.current = new AbortController());
    const show = (next: PhotoState) => !signal.aborted && setState(next);
    show({ is: 'reading', share: 0 });
    try {
      const { readPhoto } = await import('./read-photo.ts');
      const { lines, picture } = await readPhoto(photo, (share) => show({ is: 'reading', share }), signal);
      show({ is: 'read', photo, picture, lines: lines.map((line) => ({ line, isLeftOut: false })) });
    } catch (e) {
      if (!signal.aborted) console.warn('The photograph could not be read:', e);
      show({ is: 'failed' });
    }
  };
  const change = (index: number, to: (line: LineToAnswer) => LineToAnswer) =>
    setState((s) => (s?.is === 'read' ? { ...s, lines: s.lines.map((l, i) => (i === index ? to(l) : l)) } : s));
  return {
    state,
    open,
    /** Puts it away: with a way back, for its answers are work. */
    putAway: () => {
      running.current?.abort();
      setState(null);
      if (state?.is === 'read') sayDone('The lines of the photograph are put away.', async () => setState(state));
    },
    /** Ends it once its lines are taken. */
    end: () => setState(null),
    answer: (index: number, doubt: WordDoubt, word: string) =>
      change(index, (l) => ({ ...l, line: answerWord(l.line, doubt, word) })),
    type: (index: number, text: string) => change(index, (l) => ({ ...l, line: typedOver(l.line, text) })),
    leaveOut: (index: number, isLeftOut: boolean) => change(index, (l) => ({ ...l, isLeftOut })),
  };
}

/** How many lines still ask something. */
export const stillAsked = (lines: readonly LineToAnswer[]): number =>
  lines.filter((l) => !l.isLeftOut && l.line.doubts.length > 0).length;

/** The lines that stay. */
export const keptLines = (lines: readonly LineToAnswer[]): PhotoLine[] =>
  lines.filter((l) => !l.isLeftOut && l.line.text.trim() !== '').map((l) => l.line);
