import { ChevronDown } from 'lucide-react';
import { type CSSProperties, useState } from 'react';

import { NUTRIENT_WORDS, NUTRIENTS, type Nutrient } from '../../core/food/nutrients.ts';
import type { Count, CountLine } from '../../core/program/count.ts';
import type { ExplainedLine, Explanation } from '../../core/program/explain-count.ts';
import type { Rule } from '../../core/program/rule.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';
import type { Version } from '../../core/version/version.ts';

const WEIGHED_FROM = {
  weight: 'weight as written',
  measure: 'household measure',
  count: 'pieces',
  package: 'package size',
  density: 'volume by density',
  estimate: 'an estimate',
} as const;

interface BillLinesProps {
  readonly version: Version;
  readonly lines: readonly CountLine[];
  /** The count that is explained. */
  readonly mine: Count;
  readonly explanation: Explanation;
  readonly rule: Rule;
}

/** So little is nothing on a bill. */
const NOTHING = 0.005;

/** A count as a bill: what each line adds, the largest first, those that add nothing folded; a line opens in place. */
export function BillLines({ version, lines, mine, explanation, rule }: BillLinesProps) {
  const [open, setOpen] = useState<string | null>(null);
  const [all, setAll] = useState(false);
  const sorted = [...mine.lines].sort((a, b) => Math.abs(b.raw) - Math.abs(a.raw));
  const count = sorted.filter((l) => Math.abs(l.raw) >= NOTHING);
  const nothing = sorted.filter((l) => Math.abs(l.raw) < NOTHING);
  const most = Math.max(...count.map((l) => Math.abs(l.raw)), NOTHING);
  const row = (l: Count['lines'][number]) => (
    <BillLine
      key={l.id}
      line={l}
      share={Math.abs(l.raw) / most}
      open={open === l.id}
      onOpen={() => setOpen(open === l.id ? null : l.id)}
      written={version.lines.find((x) => x.id === l.id)}
      parts={lines.find((x) => x.id === l.id)?.parts ?? []}
      explained={explanation.lines.find((x) => x.id === l.id)!}
      rule={rule}
    />
  );
  return (
    <ul aria-label="What each line adds, a serving" className="border-ink border-t border-dashed">
      {count.map(row)}
      {nothing.length > 0 && (
        <li className="border-rule border-b border-dashed">
          <button
            type="button"
            className="flex min-h-touch w-full items-center justify-between gap-3 text-left text-soft"
            aria-expanded={all}
            onClick={() => setAll(!all)}
          >
            {nothing.length === 1 ? '1 line counts nothing' : `${nothing.length} lines count nothing`}
            <ChevronDown size={18} aria-hidden="true" className={all ? 'rotate-180' : ''} />
          </button>
          {all && <ul>{nothing.map(row)}</ul>}
        </li>
      )}
    </ul>
  );
}

interface BillLineProps {
  readonly line: Count['lines'][number];
  /** Of the largest line, 0 to 1. */
  readonly share: number;
  readonly open: boolean;
  readonly onOpen: () => void;
  readonly written: Version['lines'][number] | undefined;
  readonly parts: CountLine['parts'];
  readonly explained: ExplainedLine;
  readonly rule: Rule;
}

function BillLine({ line: l, share, open, onOpen, written, parts, explained, rule }: BillLineProps) {
  const nutrients = NUTRIENTS.filter((n) => rule.coefficients[n]);
  const why = [
    l.uncounted ? `uncounted: ${l.uncounted}` : l.counts,
    l.pinned ? 'by the points you know' : null,
    l.open ? 'open: not counted yet' : null,
    written?.food.kind === 'nothing' ? written.food.why : null,
  ].filter(Boolean);
  return (
    <li className="border-rule border-b border-dashed">
      <button type="button" className="block w-full py-2 text-left" aria-expanded={open} onClick={onOpen}>
        <span className="flex items-baseline justify-between gap-3 text-[1.0625rem]">
          <span className="min-w-0" dir="auto">
            {l.label}
            {why.map((w) => (
              <span key={w} className="block text-soft text-sm">
                {w}
              </span>
            ))}
          </span>
          <span className="font-head font-semibold">{l.raw.toFixed(2).replace('-', '−')}</span>
        </span>
        <span
          className="bar mt-1 block h-1.5 bg-ink"
          style={{ width: `${(share * 100).toFixed(1)}%` } as CSSProperties}
          aria-hidden="true"
        />
      </button>
      {open && (
        <div className="pb-3 text-sm">
          <p className="text-soft">
            {explained.grams > 0 ? `${trimmed(explained.grams, 1)} g a serving` : 'no weight'}
            {written?.weight && `, by ${WEIGHED_FROM[written.weight.from]}`}
            {parts.length === 1 && `. Counted as ${parts[0]!.food.name}: ${parts[0]!.food.source}`}.
          </p>
          {parts.length > 0 && (
            <dl className="mt-1 flex flex-wrap gap-x-5 gap-y-1">
              {nutrients.map((n) => (
                <div key={n} className={l.uncounted ? 'text-soft line-through' : ''}>
                  <dt className="inline text-soft">{NUTRIENT_WORDS[n].name} </dt>
                  <dd className="inline font-semibold">{saidNutrient(explained.nutrition[n].value, n)}</dd>
                </div>
              ))}
            </dl>
          )}
        </div>
      )}
    </li>
  );
}

const saidNutrient = (value: number | null, n: Nutrient): string =>
  value === null ? 'unknown' : n === 'kcal' ? trimmed(value, 1) : `${trimmed(value, 1)} ${NUTRIENT_WORDS[n].unit}`;
