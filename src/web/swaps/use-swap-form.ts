import { zodResolver } from '@hookform/resolvers/zod';
import { type FieldErrors, useForm } from 'react-hook-form';
import { OwnSwapSchema } from '../../contract/swap.ts';
import type { Food } from '../../core/food/food.ts';
import { cupRatio } from '../../core/swap/cup-ratio.ts';
import type { OwnSwap } from '../../core/swap/own-swap.ts';
import { useHousehold } from '../context/household-context.ts';
import { usePantry } from '../data/queries.ts';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';
import { useOwnSwapRows } from '../kitchen/use-swap-shelf.ts';
import { documents } from '../saving/use-document.ts';

export type SwapFormState = ReturnType<typeof useSwapForm>;

/**
 * What a swap of one's own is while it is written: its fields, what each of them may become, and keeping it.
 *
 * @param onKept called when the server has it
 */
export function useSwapForm(swap: OwnSwap, onKept: (swap: OwnSwap) => void) {
  const { household } = useHousehold();
  const { data: pantry = [] } = usePantry(household.id);
  const { rows, make, change } = useOwnSwapRows(household.id);
  const form = useForm<OwnSwap>({ resolver: zodResolver(OwnSwapSchema), defaultValues: swap });
  const fields = form.watch();
  const { kind, from, into } = fields;
  const foodOf = (id: string | undefined): Food | null => pantry.find((f) => f.id === id) ?? null;

  const set = (part: Partial<OwnSwap>) => {
    for (const [key, value] of Object.entries(part)) {
      form.setValue(key as keyof OwnSwap, value, { shouldValidate: form.formState.isSubmitted });
    }
  };
  const keep = async (kept: OwnSwap) => {
    const seen = rows.find((s) => s.id === kept.id);
    await (seen === undefined ? make(kept.id, kept) : change(kept.id, seen, kept, `Change ${kept.name}`));
    const refusal = documents.peek({ householdId: household.id, name: 'swaps', id: kept.id })?.getShown()?.refusal;
    // What cannot be is said where it was typed, and the form stays.
    if (refusal) return sayError(refusal);
    sayDone(`Kept: ${kept.name}`);
    onKept(kept);
  };

  return {
    fields,
    register: form.register,
    set,
    submit: form.handleSubmit(keep),
    busy: form.formState.isSubmitting,
    wrong: wrongWords(form.formState.errors),
    nameOf: (id: string): string => foodOf(id)?.name ?? id,
    /** How many grams of a food take the place of one by the cup; null where cups say nothing. */
    byCup: (foodId: string) => (kind === 'bulkUp' ? null : cupRatio(foodOf(from[0]), foodOf(foodId))),
    setRatio: (at: number, ratio: number) => set({ into: into.map((t, n) => (n === at ? { ...t, ratio } : t)) }),
    /** Another kind has other parts: what it has not is emptied. */
    chooseKind: (next: OwnSwap['kind']) =>
      set({
        kind: next,
        ...(next === 'leaveOut' || next === 'toPlate' ? { into: [] } : {}),
        ...(next === 'bulkUp' ? { into: from[0] === undefined ? [] : [{ foodId: from[0], ratio: 1.5 }] } : {}),
        ...(next === 'part' ? {} : { share: 1, mostShare: 1 }),
      }),
  };
}

const FIELD_WORDS: Readonly<Record<string, string>> = {
  name: 'The name',
  share: 'How much of the line',
  mostShare: 'The most of the line',
  stays: 'What has to stay',
  departure: 'The departure',
  into: 'What comes in',
  method: 'What changes in the method',
  watch: 'What to watch',
  why: 'Why it works',
};

/** The first thing that is wrong, in words; null when nothing is. */
function wrongWords(errors: FieldErrors<OwnSwap>): string | null {
  for (const [key, error] of Object.entries(errors)) {
    const message = messageOf(error);
    if (message === null) continue;
    return key === 'root' || key === '' ? message : `${FIELD_WORDS[key] ?? key} ${message}.`;
  }
  return null;
}

function messageOf(error: unknown): string | null {
  if (typeof error !== 'object' || error === null) return null;
  if ('message' in error && typeof error.message === 'string') return error.message;
  for (const inner of Object.values(error)) {
    const message = messageOf(inner);
    if (message !== null) return message;
  }
  return null;
}
