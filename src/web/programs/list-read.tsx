import type { Program } from '../../core/program/program.ts';
import { entryWords } from '../../core/program/program-words.ts';
import { useHousehold } from '../context/household-context.ts';
import { useFoods } from '../data/queries.ts';

/** What a program does not count, entry by entry, and what it counts whatever they say. */
export function ListRead({ program }: { readonly program: Program }) {
  const { household } = useHousehold();
  const { entries, exclusions } = program.list;
  const { data: foods } = useFoods(
    household.id,
    entries.flatMap((e) => e.foods),
  );
  const nameOf = (id: string): string | null => foods?.find((f) => f.id === id)?.name ?? null;
  return (
    <section aria-label="Not counted">
      <h2 className="text-xl">Not counted</h2>
      {entries.length === 0 ? (
        <p className="text-soft">Nothing: every food counts by the rule.</p>
      ) : (
        <ul className="mt-1 list-disc space-y-1 pl-5">
          {entries.map((e) => (
            <li key={`${e.words} ${e.foods[0] ?? ''}`}>{entryWords(e, nameOf)}</li>
          ))}
        </ul>
      )}
      {exclusions.length > 0 && (
        <p className="mt-2 text-soft">Counted whatever the list says: {exclusions.map((x) => x.words).join(', ')}.</p>
      )}
    </section>
  );
}
