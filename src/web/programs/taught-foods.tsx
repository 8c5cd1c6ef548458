import { formatPoints } from '../../core/program/format-points.ts';
import type { TaughtPoints } from '../../core/teach/teach.ts';

/** So many are shown; the rest is counted. */
const MOST_TAUGHT_SHOWN = 40;

const taughtSaid = (p: TaughtPoints): string => {
  if (p.settled) return formatPoints(p.points);
  if (p.likely) return `very likely ${formatPoints(p.points)}`;
  const other = p.points === p.max ? p.min : p.max;
  return p.max - p.min <= 1
    ? `${formatPoints(p.points)} or ${formatPoints(other)}`
    : `${formatPoints(p.min)} to ${formatPoints(p.max)}`;
};

/** What the household's foods count by every rule that fits, those of its recipes first. */
export function TaughtFoods({ points }: { readonly points: readonly TaughtPoints[] }) {
  const proved = points.filter((p) => p.settled).length;
  const likely = points.filter((p) => !p.settled && p.likely).length;
  return (
    <section aria-label="Your foods by it">
      <h2 className="text-xl">Your foods by it</h2>
      <p className="text-soft" role="status">
        Of {points.length} everyday foods {proved} are certain, {likely} more are very likely.
      </p>
      <ul className="mt-1 grid gap-x-8 sm:grid-cols-2">
        {points.slice(0, MOST_TAUGHT_SHOWN).map((p) => (
          <li key={p.food} className="flex items-baseline justify-between gap-3 border-rule border-b py-1">
            <span className="min-w-0 truncate">{p.food}</span>
            <span className={p.settled ? 'font-bold font-head' : 'text-mustard'}>{taughtSaid(p)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
