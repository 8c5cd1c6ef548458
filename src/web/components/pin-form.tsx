import { useId, useState } from 'react';
import { PinSchema } from '../../contract/program.ts';
import { pairId } from '../../core/documents/document-kinds.ts';
import type { Food } from '../../core/food/food.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';
import { useHousehold } from '../context/household-context.ts';
import { Picker } from '../kit/picker.tsx';
import { sayDone } from '../kit/say-done.ts';

/** Points that the cook knows for an amount of a food: they override the rule and the list of that program. */
export function PinForm({ food }: { food: Food }) {
  const { programs, pins, pinRows } = useHousehold();
  const id = useId();
  const [programId, setProgramId] = useState(programs[0]?.id ?? '');
  const [points, setPoints] = useState('');
  const [grams, setGrams] = useState('100');
  const [wrong, setWrong] = useState<string | null>(null);
  const own = pins.filter((p) => p.foodId === food.id);
  const save = () => {
    const number = (t: string) => (t.trim() === '' ? Number.NaN : Number(t.replace(',', '.')));
    const pin = PinSchema.safeParse({ foodId: food.id, programId, points: number(points), grams: number(grams) });
    if (!pin.success) return setWrong('Write points and grams as numbers, the grams above 0.');
    setWrong(null);
    const key = pairId(food.id, programId);
    const had = own.find((p) => p.programId === programId);
    void (had ? pinRows.change(key, had, pin.data, 'Change the points') : pinRows.make(key, pin.data));
  };
  return (
    <details className="mt-4 border-rule border-t pt-3" open={own.length > 0}>
      <summary className="cursor-pointer font-semibold">I know the points of {food.name}</summary>
      <ul className="mt-2 space-y-1">
        {own.map((p) => (
          <li key={p.programId} className="flex items-center gap-2">
            <span className="mark">{programs.find((x) => x.id === p.programId)?.mark}</span>
            {trimmed(p.points, 2)} {p.points === 1 ? 'point' : 'points'} for {trimmed(p.grams, 1)} g
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
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap items-end gap-2">
        <div>
          <label className="text-sm text-soft" htmlFor={`${id}-points`}>
            points
          </label>
          <input
            id={`${id}-points`}
            inputMode="decimal"
            className="field w-20"
            value={points}
            onChange={(e) => setPoints(e.target.value)}
          />
        </div>
        <div>
          <label className="text-sm text-soft" htmlFor={`${id}-grams`}>
            for grams
          </label>
          <input
            id={`${id}-grams`}
            inputMode="decimal"
            className="field w-24"
            value={grams}
            onChange={(e) => setGrams(e.target.value)}
          />
        </div>
        <div>
          <Picker
            label="under"
            value={programId}
            choices={programs.map((p) => ({ value: p.id as string, words: p.name }))}
            onPick={setProgramId}
          />
        </div>
        <button type="button" className="btn" onClick={save}>
          Use these
        </button>
      </div>
      <p role="alert" className="mt-1 text-beet text-sm">
        {wrong}
      </p>
    </details>
  );
}
