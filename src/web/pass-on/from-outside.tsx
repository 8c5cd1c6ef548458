import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { CARD_API } from '../../contract/card-api.ts';
import type { OutsideVerdict } from '../../core/card/outside-verdict.ts';
import type { PassOn } from '../../core/card/pass-on.ts';
import { dayIn } from '../../core/quantity/calendar-day.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { AGAIN } from '../../core/swap/verdict.ts';
import type { Version } from '../../core/version/version.ts';
import { AGAIN_WORDS } from '../components/verdicts.tsx';
import { useHousehold } from '../context/household-context.ts';
import { useAnswer } from '../data/use-answer.ts';
import { Modal } from '../kit/modal.tsx';
import { Picker } from '../kit/picker.tsx';
import { sayDone } from '../kit/say-done.ts';
import { type Row, useRows } from '../saving/use-document.ts';

interface FromOutsideProps {
  readonly version: Version;
  /** What its readers are asked. */
  readonly lines: PassOn['lines'];
}

const NO_WORDS: readonly Row<OutsideVerdict>[] = [];
const idOfOutside = (v: OutsideVerdict): string => v.id;

/** What people outside of the household said of a dish, typed in by the cook: no public address takes a word. */
export function FromOutside({ version, lines }: FromOutsideProps) {
  const { household } = useHousehold();
  const { data = NO_WORDS } = useAnswer(CARD_API.outsideVerdicts, { h: household.id });
  const { rows, make, remove, restore } = useRows(household.id, 'outside-verdicts', data, idOfOutside);
  const [adding, setAdding] = useState(false);
  const own = rows
    .filter((v) => v.recipeId === version.recipeId)
    .toSorted((a, b) => b.day.localeCompare(a.day) || b.id.localeCompare(a.id));
  const itemOf = (id: string | null) => version.lines.find((l) => l.originLineId === id)?.item ?? null;
  const forget = async (v: OutsideVerdict) => {
    await remove(v.id);
    sayDone('What was said is removed.', () => restore(v.id));
  };
  return (
    <>
      <p className="text-soft text-sm">
        What those say who made it. Nobody can write here but you: they tell you, and you type it in.
      </p>
      <ul>
        {own.map((v) => (
          <li key={v.id} className="border-rule border-t py-2">
            <span className="block [overflow-wrap:anywhere]" dir="auto">
              {[v.who, v.again === null ? null : AGAIN_WORDS[v.again]].filter(Boolean).join(': ')}
              {v.words !== '' && ` “${v.words}”`}
            </span>
            <span className="flex flex-wrap items-center justify-between gap-x-3 text-soft text-sm">
              {formatDay(v.day)}
              {itemOf(v.lineId) !== null && `, on ${itemOf(v.lineId)}`}
              <button type="button" className="btn btn-plain btn-small" onClick={() => void forget(v)}>
                Remove
              </button>
            </span>
          </li>
        ))}
      </ul>
      <button type="button" className="btn mt-2" onClick={() => setAdding(true)}>
        Add what somebody said
      </button>
      {adding && (
        <SaidDialog
          questions={lines.flatMap((n) => (n.asks === '' ? [] : [{ id: n.id, asks: n.asks }]))}
          onClose={() => setAdding(false)}
          onDone={(said) => {
            const id = uuid();
            setAdding(false);
            void make(id, { id, recipeId: version.recipeId, day: dayIn(new Date(), household.zone), ...said });
          }}
        />
      )}
    </>
  );
}

type SaidOutside = Pick<OutsideVerdict, 'who' | 'again' | 'words' | 'lineId'>;

interface SaidDialogProps {
  readonly questions: readonly { readonly id: string; readonly asks: string }[];
  readonly onDone: (said: SaidOutside) => void;
  readonly onClose: () => void;
}

function SaidDialog({ questions, onDone, onClose }: SaidDialogProps) {
  const [said, setSaid] = useState<SaidOutside>({ who: '', again: null, words: '', lineId: null });
  const isEmpty = said.again === null && said.words.trim() === '';
  return (
    <Modal title="What did they say?" onClose={onClose}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (!isEmpty) onDone(said);
        }}
        className="space-y-3"
      >
        <label className="block">
          <span className="label">who, as you call them</span>
          <input
            className="field"
            maxLength={80}
            value={said.who}
            onChange={(e) => setSaid({ ...said, who: e.target.value })}
          />
        </label>
        <Picker
          label="would they make it again?"
          value={said.again ?? ''}
          choices={[
            { value: '', words: 'not said' },
            ...AGAIN.map((a) => ({ value: a as string, words: AGAIN_WORDS[a] })),
          ]}
          onPick={(a) => setSaid({ ...said, again: AGAIN.find((x) => x === a) ?? null })}
        />
        {questions.length > 0 && (
          <Picker
            label="what it answers"
            value={said.lineId ?? ''}
            choices={[{ value: '', words: 'the dish' }, ...questions.map((q) => ({ value: q.id, words: q.asks }))]}
            onPick={(id) => setSaid({ ...said, lineId: id === '' ? null : id })}
          />
        )}
        <label className="block">
          <span className="label">in their words</span>
          <textarea
            className="field"
            rows={3}
            maxLength={500}
            value={said.words}
            onChange={(e) => setSaid({ ...said, words: e.target.value })}
          />
        </label>
        <button type="submit" className="btn btn-main w-full" disabled={isEmpty}>
          Keep it
        </button>
      </form>
    </Modal>
  );
}
