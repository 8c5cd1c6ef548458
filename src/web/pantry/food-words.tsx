import { useState } from 'react';
import { measureWords, readMeasures } from '../../core/food/file/measure-words.ts';
import type { Food } from '../../core/food/food.ts';
import type { FoodCorrection } from '../../core/food/food-correction.ts';
import { withMeasure } from '../../core/food/food-correction.ts';
import { sayDone } from '../components/say-done.ts';
import { sayError } from '../components/say-error.ts';
import { useHousehold } from '../context/household-context.ts';
import { refresh, useCorrection } from '../data/queries.ts';
import { changeCorrection } from '../saving/change-correction.ts';

/** What the household calls a food and what its own measures of it weigh. */
export function FoodWords({ food }: { food: Food }) {
  const { household } = useHousehold();
  const { data } = useCorrection(household.id, food.id);
  const [name, setName] = useState('');
  const [measure, setMeasure] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  if (!data) return null;
  const { revision, ...before } = data;
  const put = async (after: FoodCorrection, words: string | null) => {
    try {
      const undo = await changeCorrection(household.id, { known: before, revision }, after);
      await refresh.pantry(household.id);
      if (words) sayDone(words, undo);
    } catch (e) {
      sayError(e);
    }
  };
  const addName = () => {
    const n = name.trim();
    if (n === '') return;
    setName('');
    void put({ ...before, synonyms: [...before.synonyms.filter((s) => s !== n), n] }, `It is also called ${n}`);
  };
  const addMeasure = () => {
    const read = readMeasures(measure);
    if (typeof read === 'string' || read.length === 0)
      return setWrong(typeof read === 'string' ? read : 'Write a measure and its grams, such as "bunch 180".');
    setWrong(null);
    setMeasure('');
    const after = read.reduce(withMeasure, before);
    void put(after, `1 ${read[0]!.unit} weighs ${read[0]!.grams} g`);
  };
  return (
    <section aria-label="Your words and weights" className="mt-6">
      <h2 className="text-xl">Your words and weights</h2>
      <p className="text-soft text-sm">They stay when the pantry is renewed, and lines are read by them from now on.</p>
      <ul className="mt-1">
        {before.synonyms.map((s) => (
          <li key={s} className="flex items-center gap-2">
            also called “{s}”
            <button
              type="button"
              className="btn btn-plain btn-small"
              onClick={() =>
                put({ ...before, synonyms: before.synonyms.filter((x) => x !== s) }, `“${s}” is forgotten`)
              }
            >
              Forget
            </button>
          </li>
        ))}
        {before.measures.map((m) => (
          <li key={measureWords(m)} className="flex items-center gap-2">
            1 {m.unit}
            {m.form ? `, ${m.form},` : ''} weighs {m.grams} g
            <button
              type="button"
              className="btn btn-plain btn-small"
              onClick={() =>
                put({ ...before, measures: before.measures.filter((x) => x !== m) }, `1 ${m.unit} weighs what it did`)
              }
            >
              Forget
            </button>
          </li>
        ))}
      </ul>
      <div className="mt-2 grid gap-3 sm:grid-cols-2">
        <form
          className="flex items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            addName();
          }}
        >
          <div className="min-w-0 flex-1">
            <label className="label" htmlFor="own-name">
              We call it
            </label>
            <input id="own-name" className="field" value={name} onChange={(e) => setName(e.target.value)} />
          </div>
          <button type="submit" className="btn">
            Add
          </button>
        </form>
        <form
          className="flex items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            addMeasure();
          }}
        >
          <div className="min-w-0 flex-1">
            <label className="label" htmlFor="own-measure">
              A measure weighs
            </label>
            <input
              id="own-measure"
              className="field"
              placeholder="bunch 180"
              value={measure}
              aria-invalid={wrong !== null}
              onChange={(e) => setMeasure(e.target.value)}
            />
          </div>
          <button type="submit" className="btn">
            Add
          </button>
        </form>
      </div>
      <p role="alert" className="mt-1 text-beet text-sm">
        {wrong}
      </p>
    </section>
  );
}
