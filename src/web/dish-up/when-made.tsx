import type { Cook } from '../../core/cook/cook.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import type { Row } from '../saving/use-document.ts';

interface WhenMadeProps {
  readonly cook: Row<Cook>;
  readonly onDay: (day: string) => void;
  readonly onRemove: (cook: Row<Cook>) => Promise<void>;
}

/** On which day it was made: often it is told a day later. */
export function WhenMade({ cook, onDay, onRemove }: WhenMadeProps) {
  return (
    <div className="flex flex-wrap items-center justify-between gap-3">
      <h2 className="text-2xl">
        {cook.as === 'kits' ? 'Packed raw' : 'Made'} {formatDay(cook.day)}
      </h2>
      <div className="flex flex-wrap items-center gap-2">
        <label className="flex min-w-0 flex-wrap items-center gap-x-2">
          <span className="text-soft text-sm">on another day</span>
          <input
            type="date"
            className="field w-40 max-w-full"
            value={cook.day}
            onChange={(e) => e.target.value !== '' && onDay(e.target.value)}
          />
        </label>
        <button type="button" className="btn btn-plain btn-small" onClick={() => void onRemove(cook)}>
          It was not made after all
        </button>
      </div>
    </div>
  );
}
