import { proxy, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import {
  LEAST_COOKING,
  LEAST_SHOPPING,
  MOST_VARIETY,
  type ProposeProblem,
  type Weights,
} from '../../core/propose/problem.ts';
import type { Proposal } from '../../core/propose/propose.ts';
import { errorWords } from '../kit/say-error.ts';
import type { ProposeWorker } from './propose-worker.ts';

/** In what a proposal is best. */
export const PROPOSAL_KINDS = [
  { id: 'cooking', words: 'Least cooking', weights: LEAST_COOKING },
  { id: 'shopping', words: 'Least shopping', weights: LEAST_SHOPPING },
  { id: 'variety', words: 'Most variety', weights: MOST_VARIETY },
] as const satisfies readonly { readonly id: string; readonly words: string; readonly weights: Weights }[];
export type KindId = (typeof PROPOSAL_KINDS)[number]['id'];

/** How far the proposals are. */
export interface Proposals {
  readonly state: 'idle' | 'searching' | 'found' | 'stopped' | 'failed';
  readonly words: string;
  /** What there is of each kind; the best so far while it is looked for. */
  readonly of: Partial<Readonly<Record<KindId, Proposal>>>;
}

const NOTHING_ASKED: Proposals = { state: 'idle', words: '', of: {} };

/** Proposals of all kinds, one after the other, in a worker. */
export function useProposals() {
  const [proposals, setProposals] = useState<Proposals>(NOTHING_ASKED);
  const worker = useRef<Worker | null>(null);
  const end = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
  }, []);
  useEffect(() => end, [end]);
  const ask = useCallback(
    async (problem: ProposeProblem) => {
      end();
      const own = new Worker(new URL('./propose-worker.ts', import.meta.url), { type: 'module' });
      worker.current = own;
      const isWanted = (): boolean => worker.current === own;
      const set = (id: KindId, proposal: Proposal): void => {
        if (isWanted()) setProposals((had) => ({ ...had, of: { ...had.of, [id]: proposal } }));
      };
      setProposals({ ...NOTHING_ASKED, state: 'searching' });
      try {
        const remote = wrap<ProposeWorker>(own);
        for (const kind of PROPOSAL_KINDS)
          set(
            kind.id,
            await remote.propose(
              problem,
              kind.weights,
              proxy((p: Proposal) => set(kind.id, p)),
            ),
          );
        if (isWanted()) setProposals((had) => ({ ...had, state: 'found' }));
      } catch (e) {
        if (isWanted()) setProposals((had) => ({ ...had, state: 'failed', words: errorWords(e) }));
      } finally {
        if (isWanted()) end();
      }
    },
    [end],
  );
  const stop = useCallback(() => {
    end();
    setProposals((had) => ({ ...had, state: 'stopped' }));
  }, [end]);
  const forget = useCallback(() => {
    end();
    setProposals(NOTHING_ASKED);
  }, [end]);
  return { proposals, ask, stop, forget };
}
