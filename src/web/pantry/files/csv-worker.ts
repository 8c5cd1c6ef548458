import { expose } from 'comlink';
import Papa from 'papaparse';
import { type ImportPlan, planImport, wrongColumns } from '../../../core/food/file/plan-import.ts';
import type { Food } from '../../../core/food/food.ts';

/** Longer files than this are split, characters. */
const LONGEST = 30_000_000;

export type CsvAnswer = { readonly plan: ImportPlan } | { readonly wrong: string };

/** A cell that a spreadsheet would take for a formula was written with an apostrophe before it; it is taken off again. */
const plainCell = (cell: string): string =>
  cell
    .trim()
    .replace(/^'(?=\s*[=+\-@\t])/, '')
    .trim();

/** Reads a file of foods or measures away from the page, and plans what it would change. */
const csv = {
  read(
    text: string,
    pantry: readonly Food[],
    own: readonly string[],
    newIds: readonly string[],
    progress: (done: number, of: number) => void,
  ): CsvAnswer {
    if (text.length > LONGEST) return { wrong: 'The file is larger than 30 MB. Split it into several.' };
    const parsed = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
      header: true,
      skipEmptyLines: 'greedy',
      transformHeader: (h) => h.trim(),
      transform: plainCell,
    });
    const columns = parsed.meta.fields ?? [];
    const wrong = wrongColumns(columns);
    if (wrong !== null) return { wrong };
    let next = 0;
    const plan = planImport(parsed.data, columns, {
      pantry,
      own: new Set(own),
      newId: () => newIds[next++] ?? `file-${Date.now().toString(36)}-${next}`,
      progress: (done) => progress(done, parsed.data.length),
    });
    return { plan };
  },
};
export type CsvWorker = typeof csv;
expose(csv);
