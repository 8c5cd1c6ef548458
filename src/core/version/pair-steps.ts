import { foodWords } from '../food/food-words.ts';
import type { Step } from './version.ts';

/** A step of one version beside the step of another that does the same; null where one has none. */
export interface StepPair {
  readonly before: Step | null;
  readonly after: Step | null;
  readonly same: boolean;
}

/** Two steps tell of the same when they share at least this part of their words. */
const ALIKE = 0.5;

/** How alike two steps are: the share of the words of both that both have, 0 to 1. */
function likeness(a: Step, b: Step): number {
  if (a.text === b.text) return 1;
  const [x, y] = [new Set(foodWords(a.text)), new Set(foodWords(b.text))];
  const common = [...x].filter((w) => y.has(w)).length;
  const all = x.size + y.size - common;
  return all === 0 ? 0 : common / all;
}

/**
 * Pairs the steps of any two versions of a recipe, in order: as many alike ones as can stand beside each other (the
 * longest common subsequence, weighed by likeness), the others alone.
 */
export function pairSteps(before: readonly Step[], after: readonly Step[]): StepPair[] {
  const [n, m] = [before.length, after.length];
  const like = before.map((b) => after.map((a) => likeness(b, a)));
  // best[i][j]: the most likeness that the steps from i and j on can have in common.
  const best = Array.from({ length: n + 1 }, () => new Float64Array(m + 1));
  for (let i = n - 1; i >= 0; i--) {
    for (let j = m - 1; j >= 0; j--) {
      const own = like[i]![j]!;
      const paired = own >= ALIKE ? own + best[i + 1]![j + 1]! : 0;
      best[i]![j] = Math.max(paired, best[i + 1]![j]!, best[i]![j + 1]!);
    }
  }
  const pairs: StepPair[] = [];
  let [i, j] = [0, 0];
  while (i < n || j < m) {
    const own = i < n && j < m ? like[i]![j]! : 0;
    if (own >= ALIKE && best[i]![j]! === own + best[i + 1]![j + 1]!) {
      pairs.push({ before: before[i]!, after: after[j]!, same: before[i]!.text === after[j]!.text });
      i++;
      j++;
    } else if (j >= m || (i < n && best[i + 1]![j]! >= best[i]![j + 1]!)) {
      pairs.push({ before: before[i]!, after: null, same: false });
      i++;
    } else {
      pairs.push({ before: null, after: after[j]!, same: false });
      j++;
    }
  }
  return pairs;
}
