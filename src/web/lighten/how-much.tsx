import { useState } from 'react';
import type { VersionCount } from '../../core/counting/count-version.ts';
import { describeGrams } from '../../core/food/describe-grams.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { mostOfLine } from '../../core/program/how-much.ts';
import type { Line } from '../../core/version/version.ts';
import { type CountingEater, useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { Modal } from '../kit/modal.tsx';

interface HowMuchProps {
  readonly line: Line;
  readonly count: VersionCount;
  readonly eaters: readonly CountingEater[];
  readonly onTake: (grams: number) => void;
  readonly onClose: () => void;
}

/** How much of a line may stay at a target, for each at the table and for all of them. */
export function HowMuch({ line, count, eaters, onTake, onClose }: HowMuchProps) {
  const { household } = useHousehold();
  const { kitchen } = useOpenRecipe();
  const [targets, setTargets] = useState<readonly number[]>(() => count.counts.map((c) => c.points));
  const food = line.food.kind === 'food' ? kitchen.food(line.food.foodId, line.food.revision) : null;
  const most = eaters.map((e, i) =>
    mostOfLine(count.lines, line.id, e.counter, { servings: count.servings }, targets[i]!),
  );
  const all = most.some((m) => m.kind === 'never')
    ? null
    : Math.min(...most.map((m) => (m.kind === 'grams' ? m.grams : 0)));
  const words = (grams: number): string =>
    Number.isFinite(grams) ? describeGrams(food, grams, household.system, 'atMost') : 'any amount';
  return (
    <Modal title={`How much ${line.item} may stay?`} onClose={onClose}>
      <ul>
        {eaters.map((e, i) => {
          const m = most[i]!;
          const { step } = e.program.rule;
          const set = (points: number) => setTargets(targets.map((t, n) => (n === i ? Math.max(0, points) : t)));
          return (
            <li key={e.eater.id} className="flex flex-wrap items-center gap-3 border-rule border-t py-2">
              <span className="min-w-28">
                <span className="mark">{e.program.mark}</span> {e.eater.name}
              </span>
              <span className="inline-flex items-center gap-2">
                <button
                  type="button"
                  className="btn btn-small"
                  aria-label={`Fewer points for ${e.eater.name}`}
                  onClick={() => set(targets[i]! - step)}
                >
                  −
                </button>
                <output className="min-w-12 text-center font-bold font-head text-xl">
                  {formatPoints(targets[i]!)}
                </output>
                <button
                  type="button"
                  className="btn btn-small"
                  aria-label={`More points for ${e.eater.name}`}
                  onClick={() => set(targets[i]! + step)}
                >
                  +
                </button>
              </span>
              <span className={m.kind === 'never' ? 'text-mustard' : ''}>
                {m.kind === 'never' ? 'not even without it' : `up to ${words(m.grams)}`}
              </span>
            </li>
          );
        })}
      </ul>
      <p className="mt-3 border-ink border-t pt-3 text-lg">
        {all === null ? 'For everyone: not even without it.' : `For everyone: up to ${words(all)}.`}
      </p>
      {all !== null && Number.isFinite(all) && all > 0 && (
        <button type="button" className="btn btn-main mt-3" onClick={() => onTake(all)}>
          Use that much
        </button>
      )}
    </Modal>
  );
}
