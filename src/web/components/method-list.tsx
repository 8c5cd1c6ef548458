import type { compareWays } from '../../core/program/compare-methods.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { METHOD_WORDS } from './method-words.ts';

interface MethodListProps {
  readonly ways: ReturnType<typeof compareWays>;
  readonly mark: string;
}

/** What each method of counting comes to, and which lines make the difference. */
export function MethodList({ ways, mark }: MethodListProps) {
  const mine = ways.find((w) => w.own)!.count;
  const differ = ways.some((w) => w.count.points !== mine.points);
  return (
    <>
      <h3 className="mt-4 text-lg">The three ways of counting</h3>
      <ul className="mt-1 space-y-1.5">
        {ways.map((w) => (
          <li key={w.way}>
            <strong>{formatPoints(w.count.points)}</strong> by {METHOD_WORDS[w.way]} ({w.count.raw.toFixed(2)})
            {w.own && <span className="tag ml-2">{mark} counts this way</span>}
            {!w.own && w.causes.length > 0 && w.count.points !== mine.points && (
              <span className="block text-sm text-soft">
                because of{' '}
                {w.causes
                  .slice(0, 4)
                  .map(
                    (c) =>
                      `${c.label} (${c.difference > 0 ? '+' : '−'}${Math.abs(c.difference).toFixed(2)}, ${c.words})`,
                  )
                  .join('; ')}
              </span>
            )}
          </li>
        ))}
      </ul>
      {!differ && <p className="mt-1 text-sm text-soft">Here all three come to the same points.</p>}
    </>
  );
}
