import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { ALLERGEN_WORDS } from '../../core/food/food.ts';
import type { Program } from '../../core/program/program.ts';
import { allowanceWords } from '../../core/program/program-words.ts';
import type { Eater } from '../../core/table/table.ts';
import { useHousehold } from '../context/household-context.ts';
import { useFoods } from '../data/queries.ts';
import { sayDone } from '../kit/say-done.ts';
import { EaterDialog } from './eater-dialog.tsx';
import { KeptDialog } from './kept-dialog.tsx';

/** Who eats here, by which program, with which exceptions. */
export function EatersList() {
  const { household, eaters, programs, eaterRows } = useHousehold();
  const { data: foods } = useFoods(
    household.id,
    eaters.flatMap((e) => e.exceptions.map((x) => x.foodId)),
  );
  const [editing, setEditing] = useState<{ readonly eater: Eater; readonly seen: Eater | null } | null>(null);
  const [kept, setKept] = useState<Eater | null>(null);
  const foodName = (id: string): string => foods?.find((f) => f.id === id)?.name ?? id;
  const save = async (e: Eater, seen: Eater | null) => {
    setEditing(null);
    if (seen === null) await eaterRows.make(e.id, e);
    else await eaterRows.change(e.id, seen, e, `Change ${seen.name}`);
  };
  const remove = async (e: Eater) => {
    await eaterRows.remove(e.id);
    sayDone(`${e.name} left the table.`, () => eaterRows.restore(e.id));
  };
  return (
    <section aria-label="Eaters" className="mt-5">
      <div className="flex flex-wrap items-end justify-between gap-2">
        <h2 className="text-xl">At the table</h2>
        <button
          type="button"
          className="btn btn-main"
          onClick={() => setEditing({ eater: newEater(programs[0]), seen: null })}
        >
          Add an eater
        </button>
      </div>
      <ul className="mt-2 border-rule border-t">
        {eaters.map((e) => {
          const program = programs.find((p) => p.id === e.programId);
          return (
            <li key={e.id} className="flex flex-wrap items-center gap-3 border-rule border-b py-2.5">
              <span className={program ? 'mark' : 'inline-block min-w-[2.4rem] text-center text-soft'}>
                {program?.mark ?? '–'}
              </span>
              <span className="min-w-[min(13rem,100%)] flex-1">
                <span className="font-bold">{e.name}</span>
                <span className="block text-sm text-soft">{factsOf(e, program, foodName).join(' · ')}</span>
              </span>
              <span className="flex flex-wrap gap-1">
                <button
                  type="button"
                  className="btn btn-small"
                  onClick={() => setEditing({ eater: e, seen: e })}
                  aria-label={`Change ${e.name}`}
                >
                  Change
                </button>
                <button
                  type="button"
                  className="btn btn-plain btn-small"
                  onClick={() => setKept(e)}
                  aria-label={`What is kept about ${e.name}`}
                >
                  Kept
                </button>
                <button
                  type="button"
                  className="btn btn-plain btn-small"
                  onClick={() => remove(e)}
                  aria-label={`Remove ${e.name}`}
                >
                  Remove
                </button>
              </span>
            </li>
          );
        })}
      </ul>
      {eaters.length === 0 && (
        <p className="mt-3 text-soft">Nobody yet. Until somebody is, recipes are counted under every program.</p>
      )}
      {kept && <KeptDialog eater={kept} onClose={() => setKept(null)} />}
      {editing && (
        <EaterDialog
          eater={editing.eater}
          onClose={() => setEditing(null)}
          onSave={(e) => void save(e, editing.seen)}
        />
      )}
    </section>
  );
}

const newEater = (program: Program | undefined): Eater => ({
  id: uuid(),
  name: '',
  programId: program?.id ?? null,
  exceptions: [],
  allowance: null,
  allergies: [],
  avoids: [],
  ratherNot: [],
  notOnTop: [],
  standing: [],
});

const factsOf = (e: Eater, program: Program | undefined, foodName: (id: string) => string): string[] => [
  program
    ? `${program.name}: ${allowanceWords({ ...program, allowance: e.allowance ?? program.allowance })}`
    : 'eats along, does not count',
  ...e.exceptions.map((x) => `${foodName(x.foodId)} ${x.uncounted ? 'uncounted' : 'counts'}`),
  ...e.allergies.map((a) => `allergic to ${ALLERGEN_WORDS[a]}`),
  ...e.avoids.map((a) => `avoids ${a}`),
  ...e.ratherNot.map((a) => `rather not ${a}`),
  ...e.notOnTop.map((a) => `no ${a} on top`),
];
