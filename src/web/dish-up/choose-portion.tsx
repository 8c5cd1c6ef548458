import { lazy, Suspense } from 'react';
import { countShare } from '../../core/cook/count-share.ts';
import { gramsFor } from '../../core/cook/divide.ts';
import type { Frozen } from '../../core/cook/frozen.ts';
import { methodsOfShare } from '../../core/cook/methods-of-share.ts';
import { stairOfCook } from '../../core/cook/stair-of-cook.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatGrams } from '../../core/quantity/format-amount.ts';
import { METHOD_WORDS } from '../components/method-words.ts';
import { Modal } from '../kit/modal.tsx';

const LazyCookStair = lazy(() => import('../components/stair-chart.tsx'));

interface ChoosePortionProps {
  readonly name: string;
  readonly frozen: Frozen;
  /** What all of it weighs, g; null where nobody weighed it. */
  readonly grams: number | null;
  /** The share that is a portion, and the one on this plate. */
  readonly portion: number;
  readonly share: number;
  readonly counterKey: string;
  readonly onGive: (share: number) => void;
  readonly onClose: () => void;
}

/** So many steps can be chosen. */
const MOST_STAIRS = 12;

/** Points against the size of the portion; a step is taken with the most that it holds. */
export function ChoosePortion({
  name,
  frozen,
  grams: all,
  portion,
  share,
  counterKey,
  onGive,
  onClose,
}: ChoosePortionProps) {
  const stair = stairOfCook(frozen, counterKey, portion);
  const steps = [...new Set([stair.start, ...stair.edges.map((e) => e.points)])].slice(0, MOST_STAIRS);
  return (
    <Modal title={`Points against the portion, ${name}`} onClose={onClose}>
      <Suspense fallback={<p className="h-56 text-soft">Drawing…</p>}>
        <LazyCookStair
          stair={stair}
          points={countShare(frozen, counterKey, portion).points}
          servingGrams={all === null ? null : all * portion}
        />
      </Suspense>
      {all === null ? (
        <p className="mt-3 text-soft">Weigh all of it, and a step can be taken by the gram.</p>
      ) : (
        <ul className="mt-3 flex flex-wrap gap-2">
          {steps.map((points) => {
            const grams = gramsFor(frozen, counterKey, points, all);
            return grams === null ? null : (
              <li key={points}>
                <button
                  type="button"
                  className="btn btn-small"
                  onClick={() => {
                    onGive(grams / all);
                    onClose();
                  }}
                >
                  {formatGrams(grams)}: {formatPoints(points)}
                </button>
              </li>
            );
          })}
        </ul>
      )}
      <h3 className="mt-4 text-lg">{share > 0 ? 'This plate' : 'A portion'} by each way of counting</h3>
      <ul className="mt-1">
        {methodsOfShare(frozen, counterKey, share > 0 ? share : portion).map((w) => (
          <li key={w.by}>
            <strong>{formatPoints(w.points)}</strong> by {METHOD_WORDS[w.by]}
            {w.own && <span className="tag ml-2">counted this way</span>}
          </li>
        ))}
      </ul>
    </Modal>
  );
}
