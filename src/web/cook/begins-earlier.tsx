import { minutesSaid } from '../../core/quantity/minutes-said.ts';
import { beginEarlier, beginWords } from '../../core/stove/begin-earlier.ts';
import type { Version } from '../../core/version/version.ts';

interface BeginsEarlierProps {
  readonly version: Version;
  /** From the first move to the table, min; null where the source does not say it. */
  readonly minutes: number | null;
  /** When it is to be on the table; null where nobody said. */
  readonly table: Date | null;
}

/** What has to begin long before, with the clock time that it means. */
export function BeginsEarlier({ version, minutes, table }: BeginsEarlierProps) {
  const earlier = beginEarlier(version);
  if (earlier.length === 0 && table === null) return null;
  return (
    <section aria-label="What begins earlier" id="table-said">
      <h3 className="text-xl">When</h3>
      {table !== null && (
        <p className="mt-1">
          {minutes === null
            ? 'The recipe does not say how long it takes in all.'
            : `Begin to cook ${beginWords(minutes, 0, table)}: it takes ${minutesSaid(minutes)}.`}
        </p>
      )}
      {earlier.length > 0 && (
        <ul className="mt-1 space-y-1">
          {earlier.map((b) => (
            <li key={b.what}>
              <strong>{b.what}</strong>, {minutesSaid(b.minutes)}
              {table === null ? ' before' : `: ${beginWords(b.minutes, minutes, table)}`}{' '}
              <span className="text-soft text-sm">({b.source})</span>
            </li>
          ))}
        </ul>
      )}
      {earlier.length > 0 && table === null && (
        <p className="mt-1 text-soft text-sm">Say when it is to be on the table, and here stands a clock time.</p>
      )}
    </section>
  );
}
