import { useMemo, useState } from 'react';
import { describeGrams } from '../../core/food/describe-grams.ts';
import { formatShare } from '../../core/program/format-points.ts';
import { readingOfLine } from '../../core/version/reading-of-line.ts';
import { isOpen, type Line } from '../../core/version/version.ts';

interface LineToReadProps {
  readonly line: Line;
  readonly raw: readonly (number | null)[];
  readonly marks: readonly string[];
  readonly byEye: boolean;
  readonly foodName: string | null;
  readonly onRewrite: (text: string) => void;
  readonly onAsk: () => void;
  /** Takes another food that the line names: "kale or chard". */
  readonly onInstead: (item: string) => void;
  readonly onRemove: () => void;
}

/** A line in its own words beside what it was read as, with what it counts and what is doubtful. */
export function LineToRead({
  line,
  raw,
  marks,
  byEye,
  foodName,
  onRewrite,
  onAsk,
  onInstead,
  onRemove,
}: LineToReadProps) {
  const open = isOpen(line);
  const weight = line.weight;
  const { alternatives } = useMemo(() => readingOfLine(line), [line]);
  const reading =
    line.food.kind === 'open'
      ? 'What is it?'
      : line.food.kind === 'nothing'
        ? `nothing to count: ${line.food.why}`
        : weight === null
          ? `${foodName ?? 'unknown'}: how much?`
          : `${foodName ?? 'another recipe'}, ${describeGrams(null, weight.grams, 'us')}`;
  return (
    <li
      className={`grid grid-cols-[minmax(0,1fr)_auto] items-start gap-x-4 gap-y-1 border-rule border-t py-2 sm:grid-cols-[minmax(0,5fr)_minmax(0,6fr)_auto] ${open ? 'bg-mustard-wash px-2' : ''}`}
    >
      <div className="min-w-0">
        {line.group && <span className="tag mr-1">{line.group}</span>}
        <LineText text={line.text} onRewrite={onRewrite} />
      </div>
      <div className="col-start-1 min-w-0 sm:col-start-2">
        <button
          type="button"
          onClick={onAsk}
          className={`rounded-md text-left underline decoration-rule decoration-2 underline-offset-4 hover:text-beet ${open ? 'font-semibold text-mustard' : ''}`}
        >
          {reading}
        </button>
        <span className="block text-sm text-soft">
          {line.amount?.quantityMax != null && weight && (
            <span>
              counted at the middle of {Math.round(weight.low)} to {Math.round(weight.high)} g ·{' '}
            </span>
          )}
          {weight?.from === 'estimate' && line.amount?.quantityMax == null && (
            <span className="text-mustard">
              an estimate, {Math.round(weight.low)} to {Math.round(weight.high)} g ·{' '}
            </span>
          )}
          {!open &&
            line.food.kind !== 'nothing' &&
            raw.map((r, i) => `${marks[i]} ${r === null ? '?' : formatShare(r)}`).join('  ')}
          {!open && byEye && line.food.kind !== 'nothing' && <span className="tag ml-2">by eye is fine</span>}
        </span>
        {alternatives.length > 0 && (
          <p className="text-sm">
            <span className="text-soft">It offers another:</span>{' '}
            {alternatives.map((a) => (
              <button key={a} type="button" className="btn btn-plain btn-small" onClick={() => onInstead(a)}>
                {a} instead
              </button>
            ))}
          </p>
        )}
        {line.warnings.map((w) => (
          <p key={w} className="text-mustard text-sm">
            {w}
          </p>
        ))}
      </div>
      <button
        type="button"
        className="btn btn-plain btn-small col-start-2 row-start-1 justify-self-end sm:col-start-3"
        onClick={onRemove}
        aria-label={`Remove ${line.text.slice(0, 60)}`}
      >
        Remove
      </button>
    </li>
  );
}

/** The words of a line, to be rewritten in place; a new reading follows. */
function LineText({ text, onRewrite }: { text: string; onRewrite: (text: string) => void }) {
  const [draft, setDraft] = useState<string | null>(null);
  const shown = draft ?? text;
  return (
    <input
      aria-label="The line as written"
      className="w-full rounded-md border-transparent border-b-2 bg-transparent px-1 py-0.5 hover:border-rule focus:border-beet"
      value={shown}
      title={text.length > 60 ? text : undefined}
      onChange={(e) => setDraft(e.target.value)}
      onBlur={() => {
        if (draft !== null) onRewrite(draft);
        setDraft(null);
      }}
      onKeyDown={(e) => {
        if (e.key === 'Enter') e.currentTarget.blur();
        if (e.key === 'Escape') setDraft(null);
      }}
    />
  );
}
