import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import type { FileRow } from '../../core/food/file/food-row.ts';
import type { Food } from '../../core/food/food.ts';
import type { LabelRules } from '../../core/food/label-rounding.ts';
import { NUTRIENTS } from '../../core/food/nutrients.ts';
import type { Observation } from '../../core/teach/observation.ts';
import { readKnown } from '../../core/teach/read-known.ts';
import { Picker } from '../kit/picker.tsx';
import { sayDone } from '../kit/say-done.ts';
import { errorWords } from '../kit/say-error.ts';

interface KnownFileProps {
  readonly programId: string;
  readonly foods: ReadonlyMap<string, Food>;
  readonly onRead: (id: string, observation: Observation) => Promise<void>;
}

/** Known foods from a file of a spreadsheet, with the nutrients of each amount. */
export function KnownFile({ programId, foods, onRead }: KnownFileProps) {
  const [reading, setReading] = useState<LabelRules>('exact');
  const [said, setSaid] = useState<string | null>(null);
  const read = async (file: File) => {
    setSaid('Reading…');
    const { default: Papa } = await import('papaparse');
    const { data } = Papa.parse<FileRow>((await file.text()).replace(/^\uFEFF/, ''), {
      header: true,
      skipEmptyLines: 'greedy',
      transformHeader: (h) => h.trim(),
    });
    const table = readKnown(data, reading);
    if ('wrong' in table) return setSaid(table.wrong);
    const byName = new Map([...foods.values()].map((f) => [f.name, f.id]));
    for (const [i, food] of table.foods.entries()) {
      const nutrients = Object.fromEntries(
        NUTRIENTS.flatMap((n) => (food.profile[n].value === null ? [] : [[n, food.profile[n].value]])),
      );
      const id = uuid();
      const { name, grams, points } = food;
      await onRead(id, { id, programId, name, foodId: byName.get(name) ?? null, grams, points, nutrients, reading });
      setSaid(`${i + 1} of ${table.foods.length} read`);
    }
    setSaid(null);
    sayDone(table.foods.length === 1 ? 'One food is read.' : `${table.foods.length} foods are read.`);
  };
  return (
    <details className="mt-3">
      <summary className="cursor-pointer py-1 text-soft underline decoration-rule underline-offset-4">
        From a file
      </summary>
      <p className="mt-1 text-soft text-sm">
        A table with a first line of column names: name, grams, points, and the nutrients of that amount: kcal, fat,
        satFat, carbs, sugars, fibre, protein. What is left empty is unknown.
      </p>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <Picker
          label="Where its numbers are from"
          className="w-72"
          value={reading}
          choices={[
            { value: 'exact', words: 'typed into the program’s own calculator', about: 'they are taken as exact' },
            { value: 'us', words: 'from US labels; the food was looked up', about: 'their rounding is reckoned with' },
            {
              value: 'eu',
              words: 'from European labels; the food was looked up',
              about: 'their rounding is reckoned with',
            },
          ]}
          onPick={setReading}
        />
        <label className="btn cursor-pointer focus-within:outline-2">
          Choose a table
          <input
            type="file"
            accept=".csv,text/csv,text/plain"
            className="sr-only"
            onChange={(e) => {
              const [file] = e.target.files ?? [];
              e.target.value = '';
              if (file) void read(file).catch((error) => setSaid(errorWords(error)));
            }}
          />
        </label>
      </div>
      {said && (
        <p className="note mt-2" role="status">
          {said}
        </p>
      )}
    </details>
  );
}
