import { Minus, Plus } from 'lucide-react';
import { formatAmount } from '../../core/quantity/format-amount.ts';

const PORTIONS = [0, 0.5, 0.75, 1, 1.5, 2, 3];
/** So many dots are drawn; more are a number. */
const DOTS = 3;

interface PortionStepperProps {
  /** Whose portion of what it is. */
  readonly of: string;
  readonly value: number;
  readonly onChange: (servings: number) => void;
}

/** How much of a dish is on a plate, as dots that are filled; a step less, a step more. */
export function PortionStepper({ of, value, onChange }: PortionStepperProps) {
  const less = PORTIONS.findLast((p) => p < value - 1e-9);
  const more = PORTIONS.find((p) => p > value + 1e-9);
  const words = value === 0 ? 'none' : formatAmount(value);
  return (
    <span className="inline-flex items-center">
      <button
        type="button"
        className="btn btn-plain no-print size-11 min-h-0 p-0"
        aria-label={`Less of ${of}`}
        disabled={less === undefined}
        onClick={() => less !== undefined && onChange(less)}
      >
        <Minus size={20} aria-hidden="true" />
      </button>
      <output aria-label={`Servings of ${of}`} className="inline-flex min-w-12 items-center justify-center gap-1">
        <span aria-hidden="true" className="inline-flex gap-0.5">
          {value <= DOTS &&
            Array.from({ length: Math.ceil(value) }, (_, i) => (
              <svg key={i} viewBox="0 0 12 12" className="size-3.5" aria-hidden="true">
                <circle cx="6" cy="6" r="5" fill="none" stroke="currentColor" strokeWidth="1.5" />
                <path d={dotPath(Math.min(1, value - i))} fill="currentColor" />
              </svg>
            ))}
        </span>
        <span className={value === 0 || value % 1 !== 0 || value > DOTS ? 'text-sm text-soft' : 'sr-only'}>
          {words}
        </span>
      </output>
      <button
        type="button"
        className="btn btn-plain no-print size-11 min-h-0 p-0"
        aria-label={`More of ${of}`}
        disabled={more === undefined}
        onClick={() => more !== undefined && onChange(more)}
      >
        <Plus size={20} aria-hidden="true" />
      </button>
    </span>
  );
}

/** A dot of which so much is filled, from the bottom up. */
function dotPath(full: number): string {
  if (full >= 0.999) return 'M1 6a5 5 0 1 0 10 0a5 5 0 1 0 -10 0';
  const y = 11 - 10 * full;
  const half = Math.sqrt(Math.max(0, 25 - (y - 6) ** 2));
  return `M${6 - half} ${y}A5 5 0 ${full > 0.5 ? 1 : 0} 0 ${6 + half} ${y}Z`;
}
