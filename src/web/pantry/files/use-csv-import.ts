import { proxy, wrap } from 'comlink';
import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { API } from '../../../contract/api.ts';
import type { Batch } from '../../../contract/food.ts';
import type { ImportPlan } from '../../../core/food/file/plan-import.ts';
import type { Food } from '../../../core/food/food.ts';
import { decodeText } from '../../../core/quantity/decode-text.ts';
import { ask } from '../../data/api.ts';
import { refresh } from '../../data/queries.ts';
import { sayDone } from '../../kit/say-done.ts';
import { errorWords, sayError } from '../../kit/say-error.ts';
import type { CsvWorker } from './csv-worker.ts';

/** Reads a file of foods or measures in a worker, says what would change, and writes it when it is confirmed. */
export function useCsvImport(h: string, pantry: readonly Food[], ownIds: readonly string[]) {
  const [plan, setPlan] = useState<ImportPlan | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const [progress, setProgress] = useState<{ done: number; of: number } | null>(null);
  const [writing, setWriting] = useState(false);

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
      await ask(API.writeFoods, { h, body });
      await refresh.pantry(h);
      sayDone(`${foods.length + corrections.size} written`);
      setPlan(null);
    } catch (e) {
      sayError(e);
    } finally {
      setWriting(false);
    }
  };
  return { plan, wrong, progress, writing, read, write, forget: () => setPlan(null) };
}
