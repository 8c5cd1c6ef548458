import type { Table } from '../../core/table/table.ts';

/** Who eats here, and by which program. */
export function AtTheTable({ table }: { table: Table }) {
  const programOf = (id: string | null) => table.programs.find((p) => p.id === id);
  const counting = table.eaters.flatMap((eater) => {
    const program = programOf(eater.programId);
    return program === undefined ? [] : [{ eater, program }];
  });
  const along = table.eaters.filter((e) => programOf(e.programId) === undefined);
  return (
    <section aria-label="At the table" className="text-sm">
      <p className="mb-1.5 text-soft">At the table</p>
      <ul className="space-y-1.5">
        {counting.map(({ eater, program }) => (
          <li key={eater.id} className="flex items-start gap-2">
            <span className="mark">{program.mark}</span>
            <span className="min-w-0">{eater.name}</span>
          </li>
        ))}
        {table.eaters.length === 0 && <li className="text-soft">Nobody yet</li>}
      </ul>
      {along.length > 0 && (
        <p className="mt-1.5 text-soft">
          {along.map((e) => e.name).join(' and ')} {along.length === 1 ? 'eats' : 'eat'} along.
        </p>
      )}
    </section>
  );
}
