import { proxy, wrap } from 'comlink';
import { useRef, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { API } from '../../../contract/api.ts';
import type { Batch } from '../../../contract/food.ts';
import type { ImportPlan, PlannedRow } from '../../../core/food/file/plan-import.ts';
import { decodeText } from '../../../core/quantity/decode-text.ts';
import { sayDone } from '../../components/say-done.ts';
import { errorWords, sayError } from '../../components/say-error.ts';
import { useHousehold } from '../../context/household-context.ts';
import { ask } from '../../data/api.ts';
import { refresh, useOwnFoods, usePantry } from '../../data/queries.ts';
import { PantryHead } from '../pantry-head.tsx';
import type { CsvWorker } from './csv-worker.ts';
import { foodsCsv, measuresCsv } from './write-csv.ts';

/** Foods and measures as files: out with a press, in with a look at what would change first. */
export function FilesPage() {
  const { household } = useHousehold();
  const { data: pantry = [] } = usePantry(household.id);
  const [plan, setPlan] = useState<ImportPlan | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const [progress, setProgress] = useState<{ done: number; of: number } | null>(null);
  const [writing, setWriting] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  const { data: ownIds = [] } = useOwnFoods(household.id);
  const own = pantry.filter((f) => ownIds.includes(f.id));

  const read = async (file: File) => {
    setPlan(null);
    setWrong(null);
    setProgress({ done: 0, of: 0 });
    const worker = new Worker(new URL('./csv-worker.ts', import.meta.url), { type: 'module' });
    try {
      const text = decodeText(new Uint8Array(await file.arrayBuffer()));
      if (text === null) throw new Error(`${file.name} is no text. Save it as CSV first.`);
      const ids = Array.from({ length: Math.min(20_000, text.split('\n').length) }, () => uuid());
      const answer = await wrap<CsvWorker>(worker).read(
        text,
        pantry,
        ownIds,
        ids,
        proxy((done: number, of: number) => setProgress({ done, of })),
      );
      if ('wrong' in answer) setWrong(answer.wrong);
      else setPlan(answer.plan);
    } catch (e) {
      setWrong(`The file cannot be read. ${errorWords(e)}`);
    } finally {
      worker.terminate();
      setProgress(null);
      if (input.current) input.current.value = '';
    }
  };
  const write = async () => {
    if (plan === null) return;
    setWriting(true);
    const foods = plan.rows.flatMap((r) => (r.kind === 'new' || r.kind === 'changed' ? [r.food] : []));
    const corrections = new Map<string, Batch['corrections'][number]>();
    for (const r of plan.rows) if (r.kind === 'measure') corrections.set(r.correction.foodId, r.correction);
    try {
      const body: Batch = { foods, corrections: [...corrections.values()] };
      await ask(API.writeFoods, { h: household.id, body });
      await refresh.pantry(household.id);
      sayDone(`${foods.length + corrections.size} written`);
      setPlan(null);
    } catch (e) {
      sayError(e);
    } finally {
      setWriting(false);
    }
  };
  return (
    <main className="mx-auto max-w-6xl px-4 py-5 md:px-8">
      <PantryHead title="In and out" about="Foods and measures as files that a spreadsheet opens (CSV)." />
      <section aria-label="Out" className="mt-5">
        <h2 className="text-xl">Out</h2>
        <div className="mt-2 flex flex-wrap gap-2">
          <button type="button" className="btn" onClick={() => save('imbiss-foods.csv', foodsCsv(pantry))}>
            All foods
          </button>
          <button
            type="button"
            className="btn"
            disabled={own.length === 0}
            onClick={() => save('imbiss-own-foods.csv', foodsCsv(own))}
          >
            Your own foods ({own.length})
          </button>
          <button type="button" className="btn" onClick={() => save('imbiss-measures.csv', measuresCsv(pantry))}>
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
            ref={input}
            type="file"
            accept=".csv,text/csv,text/plain"
            className="sr-only"
            onChange={(e) => e.target.files?.[0] && void read(e.target.files[0])}
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
        {plan && <Preview plan={plan} writing={writing} onWrite={write} onForget={() => setPlan(null)} />}
      </section>
    </main>
  );
}

const MOST_ROWS = 200;
const KINDS: ReadonlyArray<readonly [PlannedRow['kind'], string]> = [
  ['wrong', 'cannot be read'],
  ['new', 'new'],
  ['changed', 'changed'],
  ['measure', 'measures'],
  ['same', 'as they are'],
];

interface PreviewProps {
  readonly plan: ImportPlan;
  readonly writing: boolean;
  readonly onWrite: () => void;
  readonly onForget: () => void;
}

function Preview({ plan, writing, onWrite, onForget }: PreviewProps) {
  const of = (kind: PlannedRow['kind']) => plan.rows.filter((r) => r.kind === kind);
  const writes = of('new').length + of('changed').length + of('measure').length;
  const wrong = of('wrong').length;
  return (
    <div className="mt-4">
      <h3 className="text-lg">What would change</h3>
      <p>
        {KINDS.map(([k, words]) => [of(k).length, words] as const)
          .filter(([n]) => n > 0)
          .map(([n, words]) => `${n} ${words}`)
          .join(', ') || 'The file has no lines below its column names.'}
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <button type="button" className="btn btn-main" disabled={writes === 0 || writing} onClick={onWrite}>
          {writing
            ? 'Writing…'
            : wrong > 0
              ? `Write ${writes}, without the ${wrong} that cannot be read`
              : `Write ${writes}`}
        </button>
        <button type="button" className="btn" onClick={onForget}>
          Leave it
        </button>
      </div>
      {KINDS.filter(([k]) => k !== 'same' && of(k).length > 0).map(([k, words]) => (
        <section key={k} aria-label={words} className="mt-4">
          <h4 className="font-semibold">{words}</h4>
          <ul>
            {of(k)
              .slice(0, MOST_ROWS)
              .map((r) => (
                <li key={r.line} className="border-rule border-t py-1">
                  <span className="mr-2 text-soft text-sm">line {r.line}</span>
                  {rowWords(r)}
                </li>
              ))}
          </ul>
          {of(k).length > MOST_ROWS && <p className="text-soft">and {of(k).length - MOST_ROWS} more</p>}
        </section>
      ))}
    </div>
  );
}

function rowWords(r: PlannedRow): string {
  switch (r.kind) {
    case 'wrong':
      return r.words;
    case 'new':
      return r.food.name;
    case 'changed':
      return `${r.food.name}: ${r.changes.join('; ')}`;
    case 'measure':
      return `${r.foodName}, ${r.words}`;
    case 'same':
      return r.name;
  }
}

function save(name: string, text: string): void {
  const url = URL.createObjectURL(new Blob([text], { type: 'text/csv' }));
  const a = document.createElement('a');
  a.href = url;
  a.download = name;
  a.click();
  URL.revokeObjectURL(url);
}
