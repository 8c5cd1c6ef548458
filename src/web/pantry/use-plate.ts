import { useEffect, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { plateLines } from '../../core/counting/plate-lines.ts';
import { indexFoods } from '../../core/food/match-food.ts';
import { platePoints } from '../../core/program/plate.ts';
import { type CountingEater, useHousehold } from '../context/household-context.ts';
import { usePantry } from '../data/queries.ts';

/** A plate: the words on it, what they are read as, and what they count for everyone. The address carries it. */
export function usePlate(eaters: readonly CountingEater[]) {
  const { household } = useHousehold();
  const { data: pantry } = usePantry(household.id);
  const [params, setParams] = useSearchParams();
  const [texts, setTexts] = useState(() => params.getAll('with'));
  const index = useMemo(() => indexFoods(pantry ?? []), [pantry]);
  const lines = useMemo(() => plateLines(texts, index, household.system), [texts, index, household.system]);
  const counted = useMemo(
    () =>
      eaters.map((e) =>
        platePoints(
          lines.map((l) => l.line),
          e.counter,
        ),
      ),
    [lines, eaters],
  );
  // So that it can be kept and sent.
  useEffect(() => {
    setParams(
      texts.map((t) => ['with', t] as [string, string]),
      { replace: true },
    );
  }, [texts, setParams]);
  return {
    lines,
    counted,
    add: (text: string) => setTexts((before) => [...before, text]),
    takeOff: (index: number) => setTexts((before) => before.filter((_, n) => n !== index)),
  };
}
export type Plate = ReturnType<typeof usePlate>;
