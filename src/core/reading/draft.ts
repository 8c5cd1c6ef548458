import type { AmountRead } from './read-amount.ts';
import type { ReadingPart, StatedEnergy } from './reading.ts';

/** An amount without what stood around it. */
export type DraftAmount = Pick<AmountRead, 'quantity' | 'quantityMax' | 'unit'>;

/** A line while it is taken apart: what is known of it, and the words that no rule has taken yet. */
export interface Draft {
  /** The words that are left. At the end they are the food. */
  readonly text: string;
  readonly amount: DraftAmount | null;
  /** The size of one package or piece. */
  readonly packageSize: { readonly quantity: number; readonly unit: string } | null;
  readonly parts: readonly ReadingPart[];
  readonly modifiers: readonly string[];
  /** In the order in which the cook is to read them. */
  readonly notes: readonly string[];
  readonly alternatives: readonly string[];
  readonly warnings: readonly string[];
  readonly energy: StatedEnergy | null;
  /** What is drawn from a fruit: "juice", "zest and juice". It joins the food's name at the end. */
  readonly drawn: string | null;
  /** The line is kept whole and asked about; no further rule looks at it. */
  readonly whole: boolean;
}

/** The draft of a line of which nothing is known yet. */
export const freshDraft = (text: string): Draft => ({
  text,
  amount: null,
  packageSize: null,
  parts: [],
  modifiers: [],
  notes: [],
  alternatives: [],
  warnings: [],
  energy: null,
  drawn: null,
  whole: false,
});

/** A draft with an amount, the words that qualified it, and the words behind it. */
export const withAmountRead = (draft: Draft, amount: AmountRead, text: string = amount.rest): Draft => ({
  ...draft,
  text,
  amount: bareAmount(amount),
  modifiers: [...draft.modifiers, ...amount.modifiers],
});

/** An amount, stripped of its words. */
export const bareAmount = ({ quantity, quantityMax, unit }: AmountRead): DraftAmount => ({
  quantity,
  quantityMax,
  unit,
});

/** A draft with a further amount of the same line. */
export const withPart = (draft: Draft, amount: AmountRead, relation: ReadingPart['relation'], text: string): Draft => ({
  ...draft,
  text,
  parts: [...draft.parts, { ...bareAmount(amount), relation }],
});
