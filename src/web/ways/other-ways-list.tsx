import type { VersionCount } from '../../core/counting/count-version.ts';
import { formatPoints, gainWords } from '../../core/program/format-points.ts';
import { departureSaid } from '../../core/swap/departure-words.ts';
import type { OtherWay } from '../../core/ways/other-ways.ts';
import type { CountingEater } from '../context/household-context.ts';

interface OtherWaysProps {
  readonly others: readonly OtherWay[];
  readonly count: VersionCount;
  readonly eaters: readonly CountingEater[];
  readonly onTake: (way: OtherWay) => void;
}

/** What makes a plate lighter without a search: each as what it is, with the points and the weight of the plate. */
export function OtherWays({ others, count, eaters, onTake }: OtherWaysProps) {
  return (
    <section aria-label="Lighter in other ways" className="mt-5 border-rule border-t pt-4">
      <h3 className="text-lg">Lighter in other ways</h3>
      <ul className="mt-1">
        {others.map((w) => (
          <li
            key={`${w.kind} ${w.words}`}
            className="flex flex-wrap items-center gap-x-4 gap-y-1 border-rule border-t py-2"
          >
            <span className="min-w-0 flex-1 basis-60 first-letter:uppercase">{w.words}</span>
            <span className="text-sm">
              {eaters.map((e, i) => {
                const now = { points: w.points[i]!, raw: w.points[i]! };
                const was = { points: count.counts[i]!.points, raw: count.counts[i]!.points };
                return (
                  <span key={e.key} className="mr-3 whitespace-nowrap">
                    <span className="mark">{e.program.mark}</span> {formatPoints(w.points[i]!)} ({gainWords(was, now)})
                  </span>
                );
              })}
              <span className="text-soft">
                {Math.round(w.grams)} g a plate instead of {Math.round(count.servingGrams)} g
                {w.departure > 0 && `, departs ${departureSaid(w.departure)}`}
              </span>
            </span>
            <button type="button" className="btn btn-small" onClick={() => onTake(w)}>
              Take it
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
