import type { Outcome } from '../../core/cook/divide.ts';
import { takenWords } from '../../core/cook/outcome-words.ts';

interface DivisionProps {
  readonly out: Outcome;
  /** Shares of all of it. */
  readonly plates: number;
  readonly boxes: number;
  readonly left: number;
}

/** From the pot to plates and boxes, as one bar. */
export function Division({ out, plates, boxes, left }: DivisionProps) {
  const parts = [
    { name: 'plates', share: plates, look: 'bg-beet' },
    { name: 'boxes', share: boxes, look: 'bg-ink' },
    { name: 'pot', share: left, look: 'bg-rule' },
  ].filter((p) => p.share > 1e-6);
  return (
    <div className="mt-2">
      <div className="flex h-6 overflow-hidden rounded-md border border-ink" aria-hidden="true">
        {parts.map((p) => (
          <span key={p.name} className={p.look} style={{ width: `${p.share * 100}%` }} />
        ))}
      </div>
      <ul className="mt-1 flex flex-wrap gap-x-4 text-sm">
        {parts.map((p) => (
          <li key={p.name} className="flex items-center gap-1.5">
            <span className={`size-3 rounded-sm border border-ink ${p.look}`} aria-hidden="true" />
            {p.name} {takenWords(out, p.share)}
          </li>
        ))}
      </ul>
    </div>
  );
}
