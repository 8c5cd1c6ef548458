import { memo, useMemo, useState } from 'react';
import type { NewVerdict } from '../../contract/verdict.ts';
import type { Cook, CookVerdict } from '../../core/cook/cook.ts';
import { verdictId } from '../../core/documents/pair-ids.ts';
import type { Food } from '../../core/food/food.ts';
import { AGAIN, ENOUGH, judgedSwaps, type Verdict } from '../../core/swap/verdict.ts';
import type { Version } from '../../core/version/version.ts';
import { useHousehold } from '../context/household-context.ts';
import { useVerdicts } from '../data/queries.ts';
import { Picker } from '../kit/picker.tsx';
import { sayDone } from '../kit/say-done.ts';
import { type Row, useRows } from '../saving/use-document.ts';

export const AGAIN_WORDS: Record<Verdict['again'], string> = { again: 'again', changes: 'with changes', no: 'no' };
const ENOUGH_WORDS: Record<(typeof ENOUGH)[number], string> = {
  enough: 'enough',
  tooLittle: 'too little',
  tooMuch: 'too much',
};

/** What nobody has said yet. */
export const NO_VERDICTS: readonly Row<Verdict>[] = [];

interface VerdictsProps {
  /** Whether it stands open from the start. */
  readonly open?: boolean;
  readonly version: Version;
  readonly food: (id: string) => Food | null;
  /** What was said of one time that it was cooked; of the version whenever it was where left out. */
  readonly said?: Cook['verdicts'];
  /** Gets what is said, null for what is forgotten. */
  readonly onSaid?: (eaterId: string, verdict: CookVerdict | null) => void;
}

/** What everyone at the table says of a version: it moves how far its swaps depart, for this household. */
export const Verdicts = memo(function Verdicts({ version, food, open = false, said, onSaid }: VerdictsProps) {
  const versionId = version.id;
  const { household, eaters } = useHousehold();
  const swaps = useMemo(() => judgedSwaps(version, food), [version, food]);
  const { data = NO_VERDICTS } = useVerdicts(household.id);
  const { rows: verdicts, make, change, remove, restore } = useRows(household.id, 'verdicts', data, verdictId);
  const put = async (v: NewVerdict) => {
    const seen = verdicts.find((x) => x.versionId === v.versionId && x.eaterId === v.eaterId);
    const full = { ...v, swaps: seen?.swaps ?? swaps };
    if (seen === undefined) await make(verdictId(full), full);
    else await change(verdictId(full), seen, full, 'Change what was said');
    onSaid?.(v.eaterId, { again: v.again, enough: v.enough, note: v.note });
  };
  const forget = async (v: NewVerdict, name: string) => {
    // What was said of this time goes; what stands of the version is what was said last.
    if (onSaid) {
      onSaid(v.eaterId, null);
      return sayDone(`What ${name} said is forgotten`, async () => {
        onSaid(v.eaterId, { again: v.again, enough: v.enough, note: v.note });
      });
    }
    await remove(verdictId(v));
    sayDone(`What ${name} said is forgotten`, () => restore(verdictId(v)));
  };
  return (
    <details className="no-print mt-6 border-rule border-t pt-3" open={open}>
      <summary className="cursor-pointer font-semibold">How was it?</summary>
      <p className="mt-1 text-soft text-sm">
        A swap that was liked counts as nearer to the family's dish the next time, one that was not as farther. What is
        in a dish and what is on top of it are judged apart.
      </p>
      <ul>
        {eaters.map((e) => {
          const own =
            said === undefined ? verdicts.find((v) => v.versionId === versionId && v.eaterId === e.id) : said[e.id];
          const blank: NewVerdict = { versionId, eaterId: e.id, again: 'again', enough: null, note: '' };
          const now: NewVerdict = own
            ? { versionId, eaterId: e.id, again: own.again, enough: own.enough, note: own.note }
            : blank;
          return (
            <li key={e.id} className="flex flex-wrap items-center gap-x-4 gap-y-2 border-rule border-t py-2">
              <span className="min-w-20 font-semibold">{e.name}</span>
              <fieldset className="flex flex-wrap gap-1.5">
                <legend className="sr-only">Would {e.name} eat it again?</legend>
                {AGAIN.map((a) => (
                  <button
                    key={a}
                    type="button"
                    className="chip aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
                    aria-pressed={own?.again === a}
                    onClick={() => put({ ...now, again: a })}
                  >
                    {AGAIN_WORDS[a]}
                  </button>
                ))}
              </fieldset>
              {own && (
                <>
                  <Picker
                    label="the portion was"
                    className="w-40"
                    value={own.enough ?? ''}
                    choices={[
                      { value: '', words: 'not said' },
                      ...ENOUGH.map((x) => ({ value: x as string, words: ENOUGH_WORDS[x] })),
                    ]}
                    onPick={(x) => put({ ...now, enough: ENOUGH.find((e) => e === x) ?? null })}
                  />
                  <VerdictNote key={own.note} name={e.name} note={own.note} onNote={(note) => put({ ...now, note })} />
                  <button type="button" className="btn btn-plain btn-small" onClick={() => void forget(now, e.name)}>
                    Forget
                  </button>
                </>
              )}
            </li>
          );
        })}
      </ul>
    </details>
  );
});

function VerdictNote({ name, note, onNote }: { name: string; note: string; onNote: (note: string) => void }) {
  const [text, setText] = useState(note);
  const done = () => text.trim() !== note && onNote(text.trim());
  return (
    <input
      aria-label={`What ${name} says of its taste`}
      className="field min-w-40 flex-1"
      placeholder="in their words: a little dry"
      maxLength={500}
      value={text}
      onChange={(e) => setText(e.target.value)}
      onBlur={done}
      onKeyDown={(e) => e.key === 'Enter' && done()}
    />
  );
}
