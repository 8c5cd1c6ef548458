import { useMemo, useState } from 'react';
import { describeGrams } from '../../core/food/describe-grams.ts';
import { formatShare } from '../../core/program/format-points.ts';
import { lineDoubt } from '../../core/version/line-doubt.ts';
import { readingOfLine } from '../../core/version/reading-of-line.ts';
import { isOpen, type Line } from '../../core/version/version.ts';
import { OwnRecipeOffer } from './own-recipe-offer.tsx';

interface LineToReadProps {
  readonly line: Line;
  readonly raw: readonly (number | null)[];
  readonly marks: readonly string[];
  readonly byEye: boolean;
  readonly foodName: string | null;
  /** Says that the food that was taken is right. */
  readonly onConfirm: () => void;
  readonly onRewrite: (text: string) => void;
  readonly onAsk: () => void;
  /** Takes another food that the line names: "kale or chard". */
  readonly onInstead: (item: string) => void;
  /** Takes what else the line was found to be. */
  readonly onPick: (after: Line, label: string) => void;
  readonly onRemove: () => void;
}

/** A line in its own words beside what it was read as, with what it counts and what is doubtful. */
export function LineToRead({
  line,
  raw,
  marks,
  byEye,
  foodName,
  onConfirm,
  onRewrite,
  onAsk,
  onInstead,
  onPick,
  onRemove,
}: LineToReadProps) {
  const open = isOpen(line);
  const weight = line.weight;
  const doubt = lineDoubt(line, foodName === null ? null : { name: foodName });
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
          className={`press rounded-md text-left underline decoration-rule decoration-2 underline-offset-4 hover:text-beet ${open ? 'font-semibold text-mustard' : ''}`}
        >
          {reading}
        </button>
        <span className="block text-sm text-soft">
          {(doubt?.kind === 'estimate' || doubt?.kind === 'range') && (
            <span className={doubt.kind === 'estimate' ? 'text-mustard' : ''}>{doubt.words} · </span>
          )}
          {line.read?.energy != null && <span>by its own {line.read.energy.kcal} kcal · </span>}
          {!open &&
            line.food.kind !== 'nothing' &&
            raw.map((r, i) => `${marks[i]} ${r === null ? '?' : formatShare(r)}`).join('  ')}
          {!open && byEye && line.food.kind !== 'nothing' && <span className="tag ml-2">by eye is fine</span>}
          {line.taken?.asLastTime && <span className="tag ml-2">as last time</span>}
        </span>
        {doubt?.kind === 'right' && (
          <p className="mt-1 flex flex-wrap items-center gap-2 text-sm">
            <span className="text-mustard">{doubt.words}</span>
            <button type="button" className="btn btn-small" onClick={onConfirm}>
              Yes
            </button>
            <button type="button" className="btn btn-plain btn-small" onClick={onAsk}>
              No, it is…
            </button>
          </p>
        )}
        {line.food.kind === 'open' && <OwnRecipeOffer line={line} onPick={onPick} />}
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
    <textarea
      aria-label="The line as written"
      rows={1}
      className="plain-text field-sizing-content w-full resize-none rounded-md border-transparent border-b-2 bg-transparent px-1 py-0.5 hover:border-rule focus:border-beet"
      value={shown}
      onChange={(e) => setDraft(e.target.value.replace(/\s*\n\s*/g, ' '))}
      onBlur={() => {
        if (draft !== null) onRewrite(draft);
        setDraft(null);
      }}
      onKeyDown={(e) => {
        if (e.key === 'Enter') {
          e.preventDefault();
          e.currentTarget.blur();
        }
        if (e.key === 'Escape') setDraft(null);
      }}
    />
  );
}
