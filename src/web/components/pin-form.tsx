import { formatISO } from 'date-fns';
import { useState } from 'react';
import { SaidPinSchema } from '../../contract/program.ts';
import { pairId } from '../../core/documents/pair-ids.ts';
import { describeGrams } from '../../core/food/describe-grams.ts';
import type { Food } from '../../core/food/food.ts';
import { measuresToSay } from '../../core/food/measures-to-say.ts';
import { servingOr100 } from '../../core/food/serving-grams.ts';
import { pinAgainstRuleWords } from '../../core/program/pin-against-rule.ts';
import type { SaidPin } from '../../core/program/program.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { useCounting, useHousehold } from '../context/household-context.ts';
import { NumberField } from '../kit/number-field.tsx';
import { Picker } from '../kit/picker.tsx';
import { sayDone } from '../kit/say-done.ts';

interface PinFormProps {
  readonly food: Food;
  /** The amount that is at hand, g; a serving where left out. */
  readonly grams?: number | null;
  /** Opened from the start. */
  readonly open?: boolean;
}

/** Points that the cook knows for an amount of a food: they override the rule and the list of that program, and teach it. */
export function PinForm({ food, grams: atHand = null, open = false }: PinFormProps) {
  const { household, programs, pins, pinRows } = useHousehold();
  const first = useCounting()[0]?.program ?? programs[0]!;
  const [programId, setProgramId] = useState(first.id);
  const [points, setPoints] = useState<number | null>(null);
  const measures = measuresToSay(food, household.system);
  const [amount, setAmount] = useState<number | null>(Math.round(atHand ?? servingOr100(food)));
  const [unit, setUnit] = useState('gram');
  const measure = measures.find((m) => m.unit === unit) ?? measures[0]!;
  const [source, setSource] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const program = programs.find((p) => p.id === programId) ?? first;
  const own = pins.filter((p) => p.foodId === food.id);
  const typed: SaidPin = {
    foodId: food.id,
    programId: program.id,
    points: points ?? Number.NaN,
    grams: amount === null ? Number.NaN : amount * measure.grams,
    saidOn: formatISO(new Date(), { representation: 'date' }),
    source: source.trim(),
    foodRevision: food.revision,
  };
  const pin = SaidPinSchema.safeParse(typed);
  const save = async () => {
    if (!pin.success) return setWrong('Write the points and the amount as numbers, the amount above 0.');
    setWrong(null);
    const key = pairId(food.id, program.id);
    const had = own.find((p) => p.programId === program.id);
    const undo = had
      ? await pinRows.change(key, had, pin.data, 'Change the points')
      : await pinRows.make(key, pin.data).then(() => () => pinRows.remove(key));
    sayDone(`${food.name} counts so under ${program.mark}.`, undo);
  };
  return (
    <details className="mt-4 border-rule border-t pt-3" open={open || own.length > 0}>
      <summary className="cursor-pointer font-semibold">I know the points of {food.name}</summary>
      <ul className="mt-2 space-y-1.5">
        {own.map((p) => {
          const of = programs.find((x) => x.id === p.programId);
          const said = [p.source, p.saidOn === null ? '' : formatDay(p.saidOn)].filter((x) => x !== '').join(', ');
          return (
            <li key={p.programId} className="flex items-center gap-2">
              <span className="mark">{of?.mark}</span>
              <span className="min-w-0 flex-1">
                {trimmed(p.points, 2)} {p.points === 1 ? 'point' : 'points'} for{' '}
                {describeGrams(food, p.grams, household.system)}
                <span className="block text-sm text-soft">
                  {said && `${said}. `}
                  {of && pinAgainstRuleWords(p, food, of)}
                </span>
              </span>
              <button
                type="button"
                className="btn btn-plain btn-small"
                onClick={async () => {
                  const key = pairId(p.foodId, p.programId);
                  await pinRows.remove(key);
                  sayDone(`The points of ${food.name} are counted again`, () => pinRows.restore(key));
                }}
              >
                Forget
              </button>
            </li>
          );
        })}
      </ul>
      <div className="mt-2 grid grid-cols-[4.5rem_4.5rem_minmax(0,1fr)] items-end gap-2">
        <NumberField label="points" value={null} onValue={setPoints} />
        <NumberField key={unit} label="for" value={amount} onValue={setAmount} />
        <Picker
          label="of these"
          value={measure.unit}
          choices={measures.map((m) => ({ value: m.unit, words: m.words }))}
          onPick={(to) => {
            // Of another measure one is meant; grams go on from what they were.
            const was = amount === null ? Number.NaN : amount * measure.grams;
            setAmount(to === 'gram' && Number.isFinite(was) ? Math.round(was) : 1);
            setUnit(to);
          }}
        />
        <Picker
          label="under"
          className="col-span-full"
          value={program.id}
          choices={programs.map((p) => ({ value: p.id as string, words: p.name }))}
          onPick={setProgramId}
        />
        <label className="col-span-full">
          <span className="label">where it stands</span>
          <input
            className="field"
            maxLength={120}
            placeholder="the booklet, page 12"
            value={source}
            onChange={(e) => setSource(e.target.value)}
          />
        </label>
      </div>
      <p className="mt-1 min-h-6 text-soft text-sm" role="status">
        {pin.success && pinAgainstRuleWords(pin.data, food, program)}
      </p>
      <button type="button" className="btn" onClick={() => void save()}>
        Use these
      </button>
      <p role="alert" className="mt-1 text-beet text-sm">
        {wrong}
      </p>
    </details>
  );
}
