import { useMemo } from 'react';
import { WEEK_API } from '../../contract/week-api.ts';
import type { Prep } from '../../core/prep/prep.ts';
import { useHousehold } from '../context/household-context.ts';
import { useAnswer } from '../data/use-answer.ts';
import { type Row, useRows } from '../saving/use-document.ts';

const idOfPrep = (p: Prep): string => p.id;
const NO_PREPS: readonly Row<Prep>[] = [];

/** The prep days of the household, the newest first, and how they are changed. */
export function usePreps() {
  const { household } = useHousehold();
  const { data, error, isLoading } = useAnswer(WEEK_API.preps, { h: household.id }, { revalidateOnFocus: true });
  const rows = useRows(household.id, 'preps', data ?? NO_PREPS, idOfPrep);
  const preps = useMemo(
    () => rows.rows.toSorted((a, b) => b.day.localeCompare(a.day) || b.id.localeCompare(a.id)),
    [rows.rows],
  );
  if (error && data === undefined) throw error;
  return { ...rows, preps, isLoading: isLoading && data === undefined };
}

/** A prep day without its revision. */
export const barePrep = ({ revision: _, ...prep }: Row<Prep>): Prep => prep;
