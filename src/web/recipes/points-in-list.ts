import type { RecipeSummary } from '../../contract/recipe.ts';
import { type Count, certaintyOf } from '../../core/program/count.ts';

/** The points of the list as a count, with how sure they are. */
export function pointsInList(
  p: RecipeSummary['points'][number],
): Pick<Count, 'points' | 'pointsRange' | 'certainty' | 'complete'> {
  const pointsRange = { low: p.low, high: p.high };
  return { points: p.points, pointsRange, certainty: certaintyOf(p.points, pointsRange), complete: p.complete };
}
