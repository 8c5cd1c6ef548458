import type { StairPlace } from '../../core/counting/stair-words.ts';
import type { Count } from '../../core/program/count.ts';
import { certaintyWords, formatPoints } from '../../core/program/format-points.ts';
import type { CountingEater } from '../context/household-context.ts';
import { StairSketch } from './stair-sketch.tsx';

interface EaterCountProps {
  readonly eater: CountingEater;
  readonly place: StairPlace;
  readonly count: Count;
  /** What it was in the version it is compared with. */
  readonly was: Count | null;
  /** Why the count is not sure. */
  readonly why: string | null;
  readonly onExplain: () => void;
}

/** One eater's points, where they stand on the stair, how sure they are, and what would change them. */
export function EaterCount({ eater: e, place, count: c, was, why, onExplain }: EaterCountProps) {
  const sure = certaintyWords(c);
  return (
    <li className="border-rule border-t py-3">
      <div className="flex items-center justify-between gap-3">
        <div className="flex flex-none items-center gap-2.5">
          <span className="mark">{e.program.mark}</span>
          <span>
            <span className="block max-w-32 truncate text-sm text-soft">{e.eater.name}</span>
            <button
              type="button"
              onClick={onExplain}
              className="press flex items-baseline gap-2 rounded-md text-left hover:text-beet"
              aria-label={`${formatPoints(c.points)} points for ${e.eater.name}${sure ? `, ${sure}` : ''}. Show the reasons.`}
            >
              {was && was.points !== c.points && (
                <s className="font-head text-lg text-soft">{formatPoints(was.points)}</s>
              )}
              <strong className="font-head text-4xl leading-none underline decoration-rule decoration-2 underline-offset-4">
                {formatPoints(c.points)}
              </strong>
            </button>
          </span>
        </div>
        <StairSketch along={place.along} count={c} step={e.program.rule.step} />
      </div>
      {sure && (
        <p className="mt-1 font-semibold text-mustard text-sm">
          {sure}
          {why && `. ${why}`}
        </p>
      )}
      <p className="mt-1 text-mustard text-sm">
        {place.exact} {place.less}
      </p>
      {place.more && <p className="text-sm text-soft">{place.more}</p>}
    </li>
  );
}
