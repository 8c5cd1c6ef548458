import type { Food } from '../food/food.ts';
import { avoidedBy } from './avoided.ts';
import type { Swap } from './swap.ts';
import { correctedDeparture, type Place, type Verdict } from './verdict.ts';

/** What somebody would rather not eat makes a swap that brings it in depart so much more. */
export const RATHER_NOT = 15;

/** What a household says of swaps. */
export interface HouseholdTaste {
  readonly verdicts: readonly Verdict[];
  /** Foods that somebody at the table would rather not eat, in words. */
  readonly ratherNot: readonly string[];
  readonly food: (id: string) => Food | null;
}

/** A swap's departure for a household: its own, corrected by verdicts, and more where it brings in what somebody dislikes. */
export function householdDeparture(swap: Swap, place: Place, { verdicts, ratherNot, food }: HouseholdTaste): number {
  const corrected = correctedDeparture(swap, place, verdicts);
  if (ratherNot.length === 0) return corrected;
  const comesIn = swap.into.filter((t) => !swap.from.includes(t.foodId)).flatMap((t) => food(t.foodId) ?? []);
  const disliked = avoidedBy({ allergies: [], avoids: ratherNot }, comesIn).length > 0;
  return disliked ? Math.min(100, corrected + RATHER_NOT) : corrected;
}
