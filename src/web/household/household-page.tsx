import { useState } from 'react';
import { useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import { API } from '../../contract/api.ts';
import { ALLERGEN_WORDS } from '../../core/food/food.ts';
import type { Eater, Household } from '../../core/table/table.ts';
import { sayDone } from '../components/say-done.ts';
import { sayError } from '../components/say-error.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { refresh, useFoods, useHouseholds } from '../data/queries.ts';
import { StartOwn } from '../shell/start-own.tsx';
import { chooseTheme, chosenTheme, type Theme } from '../shell/theme.ts';
import { EaterDialog } from './eater-dialog.tsx';
import { Keeping } from './keeping.tsx';
import { OnAPhone } from './on-a-phone.tsx';

const SYSTEM_WORDS: Record<Household['system'], string> = {
  us: 'US customary: a cup of 236.6 ml',
  label: 'as on US labels: a cup of 240 ml',
  metric: 'metric: a cup of 250 ml',
};

/** Who eats here, by which program, with which exceptions; measures; the demo. */
export function HouseholdPage() {
  const table = useHousehold();
  const { household, eaters, programs, eaterRows } = table;
  const named = eaters.flatMap((e) => e.exceptions.map((x) => x.foodId));
  const { data: foods } = useFoods(household.id, named);
  const { data: households = [] } = useHouseholds();
  const navigate = useNavigate();
  const [editing, setEditing] = useState<{ readonly eater: Eater; readonly seen: Eater | null } | null>(null);
  const [theme, setTheme] = useState<Theme>(chosenTheme);
  const [name, setName] = useState(household.name);
  const [removing, setRemoving] = useState(false);

  const change = table.changeHousehold;
  const save = async (e: Eater, seen: Eater | null) => {
    if (seen === null) await eaterRows.make(e.id, e);
    else await eaterRows.change(e.id, seen, e, `Change ${seen.name}`);
  };
  const remove = async (e: Eater) => {
    await eaterRows.remove(e.id);
    sayDone(`${e.name} left the table.`, () => eaterRows.restore(e.id));
  };
  const removeDemo = async () => {
    try {
      await ask(API.removeDemo, {});
      await refresh.households();
      navigate('/');
      sayDone('The demo is removed.', async () => {
        await ask(API.restoreDemo, {});
        await refresh.households();
      });
    } catch (e) {
      sayError(e);
    }
  };
  const foodName = (id: string): string => foods?.find((f) => f.id === id)?.name ?? id;

  return (
    <main className="mx-auto max-w-4xl px-4 py-5 md:px-8">
      <h1 className="text-3xl">Household</h1>
      <section aria-label="Eaters" className="mt-5">
        <div className="flex flex-wrap items-end justify-between gap-2">
          <h2 className="text-xl">At the table</h2>
          <button
            type="button"
            className="btn btn-main"
            onClick={() =>
              setEditing({
                eater: {
                  id: uuid(),
                  name: '',
                  programId: programs[0]?.id ?? null,
                  exceptions: [],
                  allergies: [],
                  avoids: [],
                },
                seen: null,
              })
            }
          >
            Add an eater
          </button>
        </div>
        <ul className="mt-2 border-rule border-t">
          {eaters.map((e) => {
            const program = programs.find((p) => p.id === e.programId);
            const facts = [
              program
                ? `${program.name}: ${program.allowance} a day, ${program.reserve} reserve a week, not below ${program.floor}`
                : 'eats along, does not count',
              ...e.exceptions.map((x) => `${foodName(x.foodId)} ${x.uncounted ? 'uncounted' : 'counts'}`),
              ...e.allergies.map((a) => `allergic to ${ALLERGEN_WORDS[a]}`),
              ...e.avoids.map((a) => `avoids ${a}`),
            ];
            return (
              <li key={e.id} className="flex flex-wrap items-center gap-3 border-rule border-b py-2.5">
                <span className="mark">{program?.mark ?? '·'}</span>
                <span className="min-w-0 flex-1">
                  <span className="font-bold">{e.name}</span>
                  <span className="block text-sm text-soft">{facts.join(' · ')}</span>
                </span>
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
                  onClick={() => remove(e)}
                  aria-label={`Remove ${e.name}`}
                >
                  Remove
                </button>
              </li>
            );
          })}
        </ul>
        {eaters.length === 0 && (
          <p className="mt-3 text-soft">Nobody yet. Until somebody is, recipes are counted under every program.</p>
        )}
      </section>
      <section aria-label="Settings" className="mt-8 grid gap-4 sm:grid-cols-2">
        <h2 className="text-xl sm:col-span-2">Settings</h2>
        <div>
          <label className="label" htmlFor="household-name">
            Name
          </label>
          <input
            id="household-name"
            className="field"
            maxLength={80}
            value={name}
            onChange={(e) => setName(e.target.value)}
            onBlur={() => (name.trim() === '' ? setName(household.name) : name !== household.name && change({ name }))}
          />
        </div>
        <div>
          <label className="label" htmlFor="system">
            Cups and spoons
          </label>
          <select
            id="system"
            className="field"
            value={household.system}
            onChange={(e) => change({ system: e.target.value as Household['system'] })}
          >
            {Object.entries(SYSTEM_WORDS).map(([key, words]) => (
              <option key={key} value={key}>
                {words}
              </option>
            ))}
          </select>
          <p className="mt-1 text-sm text-soft">
            Holds for lines that are read from now on; what was read keeps its grams.
          </p>
        </div>
        <div>
          <label className="label" htmlFor="theme">
            Light or dark, on this device
          </label>
          <select
            id="theme"
            className="field"
            value={theme}
            onChange={(e) => {
              const t = e.target.value as Theme;
              setTheme(t);
              chooseTheme(t);
            }}
          >
            <option value="system">as the device</option>
            <option value="light">light</option>
            <option value="dark">dark</option>
          </select>
        </div>
        {households.length > 1 && (
          <div>
            <label className="label" htmlFor="other">
              Go to another household
            </label>
            <select
              id="other"
              className="field"
              value={household.id}
              onChange={(e) => navigate(`/h/${e.target.value}/recipes`)}
            >
              {households.map((h) => (
                <option key={h.id} value={h.id}>
                  {h.name}
                  {h.demo ? ' (demo)' : ''}
                </option>
              ))}
            </select>
          </div>
        )}
      </section>
      <section aria-label="Demo" className="mt-8">
        <h2 className="text-xl">{households.some((h) => h.demo) ? 'Demo and own' : 'More households'}</h2>
        <p className="mt-1 text-soft">
          An own household is empty and stands beside the demo. Removing the demo touches nothing else.
        </p>
        <div className="mt-3 flex flex-wrap gap-2">
          <StartOwn className="btn" />
          {households.some((h) => h.demo) && !removing && (
            <button type="button" className="btn" onClick={() => setRemoving(true)}>
              Remove the demo
            </button>
          )}
          {removing && (
            <span className="note flex flex-wrap items-center gap-2" role="alert">
              The demo's recipes and cards are gone then, for good after thirty days.
              <button type="button" className="btn btn-main btn-small" onClick={removeDemo}>
                Yes, remove it
              </button>
              <button type="button" className="btn btn-small" onClick={() => setRemoving(false)}>
                Leave it
              </button>
            </span>
          )}
        </div>
      </section>
      <OnAPhone />
      <Keeping />
      {editing && (
        <EaterDialog
          eater={editing.eater}
          onClose={() => setEditing(null)}
          onSave={(e) => {
            setEditing(null);
            void save(e, editing.seen);
          }}
        />
      )}
    </main>
  );
}
