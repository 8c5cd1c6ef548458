import { expose } from 'comlink';
import type { ProposeProblem, Weights } from '../../core/propose/problem.ts';
import { type Proposal, propose } from '../../core/propose/propose.ts';

/** A search that takes longer ends with what it has, and says so. */
const PROPOSE_WITHIN_MS = 10_000;

/** Proposes away from the page. Ending the worker ends the search. */
const proposer = {
  propose(problem: ProposeProblem, weights: Weights, found: (proposal: Proposal) => void): Proposal {
    const ends = performance.now() + PROPOSE_WITHIN_MS;
    return propose(problem, weights, { found, stop: () => performance.now() > ends });
  },
};
export type ProposeWorker = typeof proposer;
expose(proposer);
