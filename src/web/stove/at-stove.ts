import { useMemo } from 'react';
import { COOK_API } from '../../contract/cook-api.ts';
import type { Cook } from '../../core/cook/cook.ts';
import { isAtStove } from '../../core/cook/is-at-stove.ts';
import { useAnswer } from '../data/use-answer.ts';
import { type Row, useRows } from '../saving/use-document.ts';

const NONE_AT_STOVE: readonly never[] = [];
const idOfCook = (c: { readonly id: string }): string => c.id;

/** What stands at the stove in a household, on whichever device it was begun, and how it is changed. */
export function useAtStove(h: string) {
  const { data: answer } = useAnswer(COOK_API.atStove, { h });
  const data = answer ?? NONE_AT_STOVE;
  const isKnown = answer !== undefined;
  const listed = useMemo(() => data.map(({ title: _, ...cook }): Row<Cook> => cook), [data]);
  const cooks = useRows(h, 'cooks', listed, idOfCook);
  return useMemo(
    () => ({
      cooks: cooks.rows.filter(isAtStove),
      /** Whether the server has said what stands there. */
      isKnown,
      titleOf: (c: Cook): string => data.find((d) => d.id === c.id)?.title ?? '',
      change: (cook: Row<Cook>, after: Partial<Cook>, label: string) =>
        cooks.change(cook.id, cook, { ...cook, ...after }, label),
    }),
    [cooks, data, isKnown],
  );
}
