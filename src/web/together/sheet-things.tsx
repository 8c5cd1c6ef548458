import { ArrowDown, ArrowUp, X } from 'lucide-react';
import { useState } from 'react';
import type { SheetWish, WishedThing } from '../../core/card/sheet.ts';
import { NumberField } from '../kit/number-field.tsx';

interface SheetThingsProps {
  readonly wish: SheetWish;
  readonly onChange: (id: string, part: Partial<WishedThing>) => void;
  readonly onMove: (id: string, by: -1 | 1) => void;
  readonly onRemove: (id: string) => void;
}

/** What stands on a sheet, in its order: how much of each, the cook's words below it, up, down and off. */
export function SheetThings({ wish, onChange, onMove, onRemove }: SheetThingsProps) {
  return (
    <ul aria-label="What stands on it">
      {wish.things.map((t, n) => (
        <li key={t.id} className="border-rule border-t py-2">
          <div className="flex items-start justify-between gap-1">
            <span className="min-w-0 pt-2.5 [overflow-wrap:anywhere]" dir="auto">
              {t.words}
            </span>
            <span className="flex shrink-0">
              <button
                type="button"
                className="btn btn-plain btn-small"
                disabled={n === 0}
                aria-label={`${t.words} further up`}
                onClick={() => onMove(t.id, -1)}
              >
                <ArrowUp size={18} aria-hidden="true" />
              </button>
              <button
                type="button"
                className="btn btn-plain btn-small"
                disabled={n === wish.things.length - 1}
                aria-label={`${t.words} further down`}
                onClick={() => onMove(t.id, 1)}
              >
                <ArrowDown size={18} aria-hidden="true" />
              </button>
              <button
                type="button"
                className="btn btn-plain btn-small"
                aria-label={`${t.words} off the sheet`}
                onClick={() => onRemove(t.id)}
              >
                <X size={18} aria-hidden="true" />
              </button>
            </span>
          </div>
          <div className="flex gap-2">
            <NumberField
              label="how much"
              className="w-24 shrink-0"
              value={t.portion}
              onValue={(n) => n !== null && n > 0 && n <= 100 && onChange(t.id, { portion: n })}
            />
            <Note words={t.words} note={t.note} onNote={(note) => onChange(t.id, { note })} />
          </div>
        </li>
      ))}
    </ul>
  );
}

function Note({ words, note, onNote }: { words: string; note: string; onNote: (note: string) => void }) {
  const [text, setText] = useState(note);
  return (
    <label className="min-w-0 flex-1">
      <span className="label">your words below it</span>
      <input
        className="field"
        aria-label={`Your words below ${words}`}
        maxLength={1000}
        value={text}
        onChange={(e) => setText(e.target.value)}
        onBlur={() => text !== note && onNote(text)}
      />
    </label>
  );
}
