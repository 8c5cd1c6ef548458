import { useMemo } from 'react';
import { learntMinutes, type Prep } from '../../core/prep/prep.ts';
import { keptPlan, type PrepPlan, planOf } from '../../core/prep/prep-plan.ts';
import { type PrepProblem, prepProblem } from '../../core/prep/prep-problem.ts';
import { type ShownDish, useDishes } from './use-dishes.ts';
import { type OrderState, useOrder } from './use-order.ts';

/** A prep day that is open: its dishes, its question, its order. */
export interface OpenPlan {
  /** null while the recipes load. */
  readonly dishes: readonly ShownDish[] | null;
  readonly problem: PrepProblem | null;
  /** null before there is an order. */
  readonly plan: PrepPlan | null;
  /** Whether the order is one that was kept, and is not worked out anew. */
  readonly isKept: boolean;
  readonly order: OrderState;
  readonly stop: () => void;
}

/** @param earlier other prep days of the household: what was said there of a step's minutes holds here too */
export function usePlan(prep: Prep, earlier: readonly Prep[]): OpenPlan {
  const minutes = useMemo(
    () => ({ ...learntMinutes(earlier.filter((p) => p.id !== prep.id)), ...prep.minutes }),
    [earlier, prep.id, prep.minutes],
  );
  const dishes = useDishes(prep, minutes);
  const problem = useMemo(() => {
    const tasks = dishes?.flatMap((d) => d.tasks ?? []) ?? [];
    return tasks.length === 0 ? null : prepProblem(tasks, prep.kitchen, prep.cooks);
  }, [dishes, prep.kitchen, prep.cooks]);
  const kept = useMemo(
    () => (problem === null || prep.kept === null ? null : keptPlan(problem, prep.kept)),
    [problem, prep.kept],
  );
  const { state, stop } = useOrder(kept === null ? problem : null);
  const best = 'best' in state ? state.best : null;
  const plan = useMemo(() => {
    if (kept !== null || problem === null) return kept;
    // What was found is of the day as it was asked: another day has another number of tasks.
    return best === null || best.starts.length !== problem.tasks.length ? null : planOf(problem, best);
  }, [kept, problem, best]);
  return { dishes, problem, plan, isKept: kept !== null, order: state, stop };
}
