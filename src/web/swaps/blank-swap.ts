import type { OwnSwap } from '../../core/swap/own-swap.ts';
import type { SwapDraft } from '../../core/swap/swap-of-change.ts';

/** A swap that is still to be written: what a change by hand says of it, the rest left to the cook. */
export const blankSwap = (id: string, draft: Partial<SwapDraft> = {}): OwnSwap => ({
  id,
  name: '',
  kind: 'standIn',
  role: 'flavour',
  from: [],
  into: [],
  share: 1,
  mostShare: 1,
  stays: 0,
  departure: 15,
  method: null,
  watch: null,
  why: '',
  retired: false,
  ...draft,
});
