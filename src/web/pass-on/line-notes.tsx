import { X } from 'lucide-react';
import { useState } from 'react';
import type { LineNote, PassOn } from '../../core/card/pass-on.ts';
import type { Line, Version } from '../../core/version/version.ts';
import { FoodChooser } from '../components/food-chooser.tsx';
import { useHousehold } from '../context/household-context.ts';
import { usePantry } from '../data/queries.ts';
import { Modal } from '../kit/modal.tsx';

interface LineNotesProps {
  readonly version: Version;
  readonly lines: PassOn['lines'];
  readonly onChange: (lines: PassOn['lines']) => void;
}

const blankNote = (id: string): LineNote => ({ id, any: '', foods: [], asks: '' });
const saysNothing = (n: LineNote): boolean => n.any.trim() === '' && n.foods.length === 0 && n.asks.trim() === '';

/** The lines of a version, each with the choice that it offers and what its readers are asked. */
export function LineNotes({ version, lines, onChange }: LineNotesProps) {
  const [open, setOpen] = useState<Line | null>(null);
  const noteOf = (line: Line) => lines.find((n) => n.id === line.originLineId) ?? null;
  return (
    <>
      <ul>
        {version.lines
          .filter((l) => !l.leftOut)
          .map((line) => {
            const note = noteOf(line);
            return (
              <li key={line.id} className="flex items-center justify-between gap-2 border-rule border-t py-1">
                <span className="min-w-0 [overflow-wrap:anywhere]">
                  {line.item}
                  {note !== null && (
                    <span className="block text-soft text-sm">
                      {[
                        note.foods.length > 0 &&
                          `${note.foods.length} ${note.foods.length === 1 ? 'choice' : 'choices'}`,
                        note.any !== '' && `“${note.any}”`,
                        note.asks !== '' && 'asks something',
                      ]
                        .filter(Boolean)
                        .join(', ')}
                    </span>
                  )}
                </span>
                <button
                  type="button"
                  className="btn btn-small shrink-0"
                  aria-label={`Choice or question at ${line.item}`}
                  onClick={() => setOpen(line)}
                >
                  {note === null ? 'Add' : 'Change'}
                </button>
              </li>
            );
          })}
      </ul>
      {open !== null && (
        <NoteDialog
          line={open}
          note={noteOf(open) ?? blankNote(open.originLineId)}
          onClose={() => setOpen(null)}
          onDone={(note) => {
            const others = lines.filter((n) => n.id !== note.id);
            onChange(saysNothing(note) ? others : [...others, note]);
            setOpen(null);
          }}
        />
      )}
    </>
  );
}

/** As many choices as one line of a card takes. */
const MOST_CHOICES_OF_LINE = 8;

interface NoteDialogProps {
  readonly line: Line;
  readonly note: LineNote;
  readonly onDone: (note: LineNote) => void;
  readonly onClose: () => void;
}

function NoteDialog({ line, note, onDone, onClose }: NoteDialogProps) {
  const { household } = useHousehold();
  const { data: pantry = [] } = usePantry(household.id);
  const [now, setNow] = useState(note);
  const nameOf = (id: string) => pantry.find((f) => f.id === id)?.name ?? 'a food that is gone';
  return (
    <Modal title={`What else for ${line.item}?`} onClose={onClose}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          onDone(now);
        }}
      >
        <p className="text-soft">
          Each choice is counted in its place, by the same measure: the card says what it makes of a serving, or that it
          changes nothing.
        </p>
        <ul className="mt-2">
          {now.foods.map((id) => (
            <li key={id} className="flex items-center justify-between border-rule border-t">
              {nameOf(id)}
              <button
                type="button"
                className="btn btn-plain btn-small"
                aria-label={`Take away ${nameOf(id)}`}
                onClick={() => setNow({ ...now, foods: now.foods.filter((f) => f !== id) })}
              >
                <X size={18} aria-hidden="true" />
              </button>
            </li>
          ))}
        </ul>
        {now.foods.length < MOST_CHOICES_OF_LINE && (
          <FoodChooser
            key={now.foods.length}
            label="or"
            food={null}
            onChoose={(food) => !now.foods.includes(food.id) && setNow({ ...now, foods: [...now.foods, food.id] })}
          />
        )}
        <label className="mt-3 block">
          <span className="label">in words, such as “any milk”</span>
          <input
            className="field"
            maxLength={120}
            value={now.any}
            onChange={(e) => setNow({ ...now, any: e.target.value })}
          />
        </label>
        <label className="mt-3 block">
          <span className="label">ask those who make it</span>
          <input
            className="field"
            maxLength={300}
            placeholder="Does it set with oat drink?"
            value={now.asks}
            onChange={(e) => setNow({ ...now, asks: e.target.value })}
          />
        </label>
        <button type="submit" className="btn btn-main mt-4 w-full">
          Done
        </button>
      </form>
    </Modal>
  );
}
