import { useMemo } from 'react';
import type { FoodIndex } from '../../core/food/match-food.ts';
import { checkSteps } from '../../core/version/check-steps.ts';
import type { Version } from '../../core/version/version.ts';

/** Where list and steps disagree, before anything is counted on. */
export function StepDoubts({ version, index }: { version: Version; index: FoodIndex | null }) {
  const doubts = useMemo(() => checkSteps(version.lines, version.steps, index), [version.lines, version.steps, index]);
  if (doubts.length === 0) return null;
  return (
    <section aria-label="Worth a look" className="note mt-4">
      <h2 className="text-base">Worth a look</h2>
      <ul className="list-disc pl-5">
        {doubts.map((d) => (
          <li key={d.words}>{d.words}</li>
        ))}
      </ul>
    </section>
  );
}
