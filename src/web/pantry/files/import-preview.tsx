import type { ImportPlan, PlannedRow } from '../../../core/food/file/plan-import.ts';

const MOST_ROWS = 200;
const KINDS: ReadonlyArray<readonly [PlannedRow['kind'], string]> = [
  ['wrong', 'cannot be read'],
  ['new', 'new'],
  ['changed', 'changed'],
  ['measure', 'measures'],
  ['same', 'as they are'],
];

interface ImportPreviewProps {
  readonly plan: ImportPlan;
  readonly writing: boolean;
  readonly onWrite: () => void;
  readonly onForget: () => void;
}

/** What a file would change, kind by kind, before anything is written. */
export function ImportPreview({ plan, writing, onWrite, onForget }: ImportPreviewProps) {
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
