import { formatPoints } from '../../core/program/format-points.ts';
import { formatGrams } from '../../core/quantity/format-amount.ts';

/** How somebody stands while something is poured or filled. */
export interface StopMark {
  readonly key: string;
  readonly mark: string;
  readonly name: string;
  readonly points: number;
  /** Grams until one more counts; null where nothing does. */
  readonly left: number | null;
  readonly oneMoreAt: number | null;
  /** Down to which gram one less would count; null where nobody asks, or none does. */
  readonly oneLessAt?: number | null;
}

interface StopMarksProps {
  readonly grams: number;
  /** What is wanted, g; null where nobody said. */
  readonly target: number | null;
  readonly marks: readonly StopMark[];
}

/** Who comes nearest is told in words; of the others the numbers stand. */
export function StopMarks({ grams, target, marks }: StopMarksProps) {
  const ends = marks.flatMap((m) => (m.oneMoreAt === null ? [] : [m.oneMoreAt]));
  const most = Math.max(grams, target ?? 0, ...ends.filter((e) => e < Math.max(grams, target ?? 0) * 2), 1) * 1.15;
  const share = (g: number): string => `${Math.min(100, (g / most) * 100)}%`;
  return (
    <div className="mt-3">
      <div className="relative h-9" aria-hidden="true">
        <div className="absolute inset-x-0 top-3 h-4 rounded-full border border-rule bg-sheet" />
        <div className="bar absolute top-3 left-0 h-4 rounded-full bg-beet" style={{ width: share(grams) }} />
        {target !== null && <div className="absolute top-1 h-8 w-1 rounded bg-ink" style={{ left: share(target) }} />}
        {marks.map((m) =>
          m.oneMoreAt === null || m.oneMoreAt > most ? null : (
            <div key={m.key} className="absolute top-1 h-8 w-1 bg-mustard-rule" style={{ left: share(m.oneMoreAt) }} />
          ),
        )}
      </div>
      <ul className="mt-2 grid gap-1">
        {marks.map((m) => (
          <li key={m.key} className="flex items-baseline gap-2 text-lg">
            <span className="w-10 text-mark text-soft">{m.mark}</span>
            <strong className="w-12 font-head text-figure">{formatPoints(m.points)}</strong>
            <span className="min-w-0 text-base text-soft">
              {m.name}
              {m.left === null || m.oneMoreAt === null
                ? ': no more of it counts more'
                : `: ${formatGrams(m.left)} left; ${formatGrams(m.oneMoreAt)}: one more counts`}
              {m.oneLessAt != null && target !== null && grams > target && `; at ${formatGrams(m.oneLessAt)} one less`}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
