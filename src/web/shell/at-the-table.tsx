import type { Table } from '../../core/table/table.ts';

/** Who eats here, and by which program. */
export function AtTheTable({ table }: { table: Table }) {
  return (
    <section aria-label="At the table" className="text-sm">
      <h2 className="mb-1.5 font-normal font-sans text-soft">At the table</h2>
      <ul className="space-y-1.5">
        {table.eaters.map((e) => {
          const program = table.programs.find((p) => p.id === e.programId);
          return (
            <li key={e.id} className="flex items-start gap-2">
              <span className="mark" aria-hidden={!program}>
                {program?.mark ?? '·'}
              </span>
              <span>{program ? e.name : `${e.name}, not counting`}</span>
            </li>
          );
        })}
        {table.eaters.length === 0 && <li className="text-soft">Nobody yet</li>}
      </ul>
    </section>
  );
}
