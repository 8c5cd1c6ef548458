import { useState } from 'react';
import { conditionWords } from '../../core/program/program-words.ts';
import { anyFood, type Exclusion, type UncountedEntry, type UncountedList } from '../../core/program/uncounted.ts';
import { useHousehold } from '../context/household-context.ts';
import { useFoods } from '../data/queries.ts';
import { EntryDialog } from './entry-dialog.tsx';

interface ListEditorProps {
  readonly list: UncountedList;
  readonly onChange: (list: UncountedList) => void;
}

/** What is counted whatever the list says, as the entry that the same dialog changes. */
const asEntry = (x: Exclusion): UncountedEntry => ({ ...anyFood(x.words), foods: x.foods, kinds: x.kinds });

/** The place of what is being changed: an entry or an exclusion, or one more. */
type Changing = { readonly of: 'entries' | 'exclusions'; readonly at: number } | null;

/** A program's uncounted list, entry by entry, each as a sentence. */
export function ListEditor({ list, onChange }: ListEditorProps) {
  const { household } = useHousehold();
  const { data: foods } = useFoods(household.id, [
    ...list.entries.flatMap((e) => e.foods),
    ...list.exclusions.flatMap((e) => e.foods),
  ]);
  const nameOf = (id: string): string | null => foods?.find((f) => f.id === id)?.name ?? null;
  const [changing, setChanging] = useState<Changing>(null);
  const take = (entry: UncountedEntry) => {
    if (changing === null) return;
    const { of, at } = changing;
    const put = <T,>(all: readonly T[], one: T): T[] => all.toSpliced(at, 1, one);
    setChanging(null);
    if (of === 'entries') onChange({ ...list, entries: put(list.entries, entry) });
    else {
      const { words, foods: named, kinds } = entry;
      const except = list.exclusions[at]?.except ?? [];
      onChange({ ...list, exclusions: put(list.exclusions, { words, foods: named, kinds, except }) });
    }
  };
  const row = (of: 'entries' | 'exclusions', entry: UncountedEntry, at: number) => (
    <li
      key={`${of} ${entry.words} ${entry.foods[0] ?? ''}`}
      className="flex items-start gap-2 border-rule border-b py-2"
    >
      <span className="min-w-0 flex-1">
        <span className="font-semibold">{entry.words}</span>
        <span className="block text-sm text-soft">{conditionWords(entry, nameOf)}</span>
      </span>
      <button
        type="button"
        className="btn btn-small"
        aria-label={`Change ${entry.words}`}
        onClick={() => setChanging({ of, at })}
      >
        Change
      </button>
      <button
        type="button"
        className="btn btn-plain btn-small"
        aria-label={`Remove ${entry.words}`}
        onClick={() => onChange({ ...list, [of]: (list[of] as readonly unknown[]).toSpliced(at, 1) })}
      >
        Remove
      </button>
    </li>
  );
  const open = changing && (changing.of === 'entries' ? list.entries : list.exclusions.map(asEntry))[changing.at];
  return (
    <section aria-label="What does not count">
      <h2 className="text-xl">What does not count</h2>
      {list.entries.length === 0 && <p className="text-soft">Nothing yet: every food counts by the rule.</p>}
      <ul className="mt-1">{list.entries.map((e, i) => row('entries', e, i))}</ul>
      <button
        type="button"
        className="btn mt-2"
        onClick={() => setChanging({ of: 'entries', at: list.entries.length })}
      >
        Something that does not count
      </button>
      <h3 className="mt-5 text-lg">Counted whatever the list says</h3>
      <ul className="mt-1">{list.exclusions.map((x, i) => row('exclusions', asEntry(x), i))}</ul>
      <button
        type="button"
        className="btn mt-2"
        onClick={() => setChanging({ of: 'exclusions', at: list.exclusions.length })}
      >
        Something that counts all the same
      </button>
      {changing && (
        <EntryDialog
          entry={open ?? anyFood('')}
          plain={changing.of === 'exclusions'}
          onTake={take}
          onClose={() => setChanging(null)}
        />
      )}
    </section>
  );
}
