import { useHousehold } from '../../context/household-context.ts';
import { useOwnFoods, usePantry } from '../../data/queries.ts';
import { saveFile } from '../../kit/save-file.ts';
import { PantryHead } from '../pantry-head.tsx';
import { ImportPreview } from './import-preview.tsx';
import { useCsvImport } from './use-csv-import.ts';
import { foodsCsv, measuresCsv } from './write-csv.ts';

/** Foods and measures as files: out with a press, in with a look at what would change first. */
export function FilesPage() {
  const { household } = useHousehold();
  const { data: pantry = [] } = usePantry(household.id);
  const { data: ownIds = [] } = useOwnFoods(household.id);
  const own = pantry.filter((f) => ownIds.includes(f.id));
  const { plan, wrong, progress, writing, read, write, forget } = useCsvImport(household.id, pantry, ownIds);
  return (
    <main className="page">
      <PantryHead title="In and out" about="Foods and measures as files that a spreadsheet opens (CSV)." />
      <section aria-label="Out" className="mt-5">
        <h2 className="text-xl">Out</h2>
        <div className="mt-2 flex flex-wrap gap-2">
          <button type="button" className="btn" onClick={() => saveCsv('imbiss-foods.csv', foodsCsv(pantry))}>
            All foods
          </button>
          <button
            type="button"
            className="btn"
            disabled={own.length === 0}
            onClick={() => saveCsv('imbiss-own-foods.csv', foodsCsv(own))}
          >
            Your own foods ({own.length})
          </button>
          <button type="button" className="btn" onClick={() => saveCsv('imbiss-measures.csv', measuresCsv(pantry))}>
            All measures
          </button>
        </div>
      </section>
      <section aria-label="In" className="mt-7">
        <h2 className="text-xl">In</h2>
        <p className="text-soft">
          A file with a first line of column names: name, kcal, fat, satFat, carbs, sugars … for foods, per 100 g; or
          food, unit, form, grams for measures. You see what changes before anything is written.
        </p>
        <label className="btn mt-2 cursor-pointer focus-within:outline-2">
          Choose a file
          <input
            type="file"
            accept=".csv,text/csv,text/plain"
            className="sr-only"
            onChange={(e) => {
              const file = e.target.files?.[0];
              // The same file may be chosen again.
              e.target.value = '';
              if (file) void read(file);
            }}
          />
        </label>
        {progress && (
          <p className="mt-3" role="status">
            <progress className="mr-2 align-middle" value={progress.done} max={progress.of || 1} />
            {progress.of === 0 ? 'Reading the file…' : `${progress.done} of ${progress.of} lines read`}
          </p>
        )}
        {wrong && (
          <p className="note mt-3" role="alert">
            {wrong}
          </p>
        )}
        {plan && <ImportPreview plan={plan} writing={writing} onWrite={write} onForget={forget} />}
      </section>
    </main>
  );
}

const saveCsv = (name: string, text: string): void => saveFile(name, text, 'text/csv');
