import type { Count } from '../../core/program/count.ts';
import { certaintyWords, formatPoints } from '../../core/program/format-points.ts';

interface PointsShownProps {
  readonly count: Pick<Count, 'points' | 'pointsRange' | 'certainty' | 'complete'>;
  /** What it was; shown only where it is another. */
  readonly was?: number | null;
  readonly size?: 'row' | 'head' | 'bar';
}

const POINT_SIZES = { row: 'text-figure', bar: 'text-3xl', head: 'text-4xl' } as const;

/** A count with what it was and how sure it is: no number stands without its doubt. */
export function PointsShown({ count, was = null, size = 'row' }: PointsShownProps) {
  const sure = certaintyWords(count);
  return (
    <span className="inline-flex flex-wrap items-baseline gap-x-1.5">
      {was !== null && was !== count.points && (
        <s className="font-head text-soft">
          <span className="sr-only">was </span>
          {formatPoints(was)}
        </s>
      )}
      <strong className={`font-head leading-none ${POINT_SIZES[size]}`}>{formatPoints(count.points)}</strong>
      {sure && <span className="text-mustard text-sm">{sure}</span>}
    </span>
  );
}
