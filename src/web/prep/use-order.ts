import { proxy, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { PrepProblem } from '../../core/prep/prep-problem.ts';
import type { Schedule } from '../../core/schedule/problem.ts';
import { errorWords } from '../kit/say-error.ts';
import type { PrepWorker } from './prep-worker.ts';

/** How far the order of a day is worked out. */
export type OrderState =
  | { readonly kind: 'none' }
  /** The shortest so far; null before there is one. */
  | { readonly kind: 'searching'; readonly best: Schedule | null }
  | { readonly kind: 'found'; readonly best: Schedule; readonly least: number; readonly proved: boolean }
  /** Ended before it was proved. */
  | { readonly kind: 'stopped'; readonly best: Schedule }
  | { readonly kind: 'impossible' }
  | { readonly kind: 'failed'; readonly words: string };

/**
 * The shortest order of a day, worked out in a worker whenever the day is another.
 *
 * @param problem null to work out nothing
 */
export function useOrder(problem: PrepProblem | null): { readonly state: OrderState; readonly stop: () => void } {
  const [state, setState] = useState<OrderState>({ kind: 'none' });
  const worker = useRef<Worker | null>(null);
  const end = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
  }, []);
  // The same question is not asked twice, though its parts were put together anew.
  const key = problem === null ? '' : JSON.stringify(problem.problem);
  useEffect(() => {
    end();
    if (key === '') {
      setState({ kind: 'none' });
      return;
    }
    const own = new Worker(new URL('./prep-worker.ts', import.meta.url), { type: 'module' });
    worker.current = own;
    setState({ kind: 'searching', best: null });
    const isWanted = (): boolean => worker.current === own;
    wrap<PrepWorker>(own)
      .solve(
        JSON.parse(key),
        proxy((best: Schedule) => {
          if (isWanted()) setState({ kind: 'searching', best });
        }),
      )
      .then((solved) => {
        if (!isWanted()) return;
        if (solved === null) setState({ kind: 'impossible' });
        else setState({ kind: 'found', best: solved.schedule, least: solved.least, proved: solved.proved });
      })
      .catch((e: unknown) => isWanted() && setState({ kind: 'failed', words: errorWords(e) }))
      .finally(() => isWanted() && end());
    return end;
  }, [key, end]);
  const stop = useCallback(() => {
    end();
    setState((s) => (s.kind === 'searching' && s.best !== null ? { kind: 'stopped', best: s.best } : s));
  }, [end]);
  return { state, stop };
}
