import { useState } from 'react';
import { useSearchParams } from 'react-router';
import useSWR from 'swr';
import { SHEET_API, type SheetSource, SheetSourceSchema } from '../../contract/sheet.ts';
import type { SheetWish, WishedThing } from '../../core/card/sheet.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { useAnswer } from '../data/use-answer.ts';

/** A sheet being put together: what it begins from, what was changed of it, and how it counts. */
export function useSheet() {
  const { household } = useHousehold();
  const h = household.id;
  const [params] = useSearchParams();
  const from: SheetSource = SheetSourceSchema.catch({ of: 'plate' }).parse(Object.fromEntries(params));
  const { data: draft, error } = useAnswer(SHEET_API.draftSheet, { h, query: from }, { revalidateOnFocus: false });
  /** What was changed of it here; null while it is as it began. It lasts until the page is left. */
  const [changed, setChanged] = useState<SheetWish | null>(null);
  const wish = changed ?? draft ?? null;
  const { data: counted } = useSWR(
    wish === null ? null : ['sheet', h, wish],
    () => ask(SHEET_API.previewSheet, { h, body: wish! }),
    { keepPreviousData: true, revalidateOnFocus: false },
  );
  const change = (part: Partial<SheetWish>): void => {
    if (wish !== null) setChanged({ ...wish, ...part });
  };
  return {
    from,
    wish,
    error,
    counted,
    change,
    changeThing: (id: string, part: Partial<WishedThing>) =>
      change({ things: (wish?.things ?? []).map((t) => (t.id === id ? { ...t, ...part } : t)) }),
    /** Moves a thing one place up or down, to another heading where that is the neighbour's. */
    moveThing: (id: string, by: -1 | 1) => {
      const things = [...(wish?.things ?? [])];
      const at = things.findIndex((t) => t.id === id);
      const other = things[at + by];
      if (at === -1 || other === undefined) return;
      things[at] = other;
      things[at + by] = { ...(wish?.things[at] as WishedThing), heading: other.heading };
      change({ things });
    },
  };
}
