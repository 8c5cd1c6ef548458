import { useState } from 'react';
import { useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import { API } from '../../contract/api.ts';
import { SAMPLE_PROGRAMS } from '../../core/program/samples.ts';
import { SYSTEM_WORDS, SYSTEMS } from '../../core/quantity/measure-system.ts';
import { REGION_WORDS, REGIONS, type Region, regionOf } from '../../core/region/region.ts';
import type { Eater, Household } from '../../core/table/table.ts';
import { ask } from '../data/api.ts';
import { refresh } from '../data/queries.ts';
import { Modal } from '../kit/modal.tsx';
import { Picker } from '../kit/picker.tsx';
import { sayError } from '../kit/say-error.ts';
import { documents } from '../saving/use-document.ts';
import { FromFile } from './from-file.tsx';

interface StartDialogProps {
  /** The names of the households there are. */
  readonly taken: readonly string[];
  readonly onClose: () => void;
}

interface Somebody {
  readonly name: string;
  readonly programId: string;
}

/** Asks once what a household needs: what it is called, who eats and how they count, how it measures and talks. */
export default function StartDialog({ taken, onClose }: StartDialogProps) {
  const navigate = useNavigate();
  const blank: Somebody = { name: '', programId: SAMPLE_PROGRAMS[0]!.id };
  const [name, setName] = useState('My household');
  const [people, setPeople] = useState<readonly Somebody[]>([blank]);
  const [region, setRegion] = useState<Region>(() => regionOf(navigator.languages));
  const [system, setSystem] = useState<Household['system']>(() =>
    navigator.languages.some((l) => /^en-US/i.test(l)) ? 'us' : 'metric',
  );
  const [busy, setBusy] = useState(false);
  const set = (at: number, next: Partial<Somebody>) =>
    setPeople(people.map((p, i) => (i === at ? { ...p, ...next } : p)));
  const wrong =
    name.trim() === ''
      ? 'Give it a name.'
      : taken.includes(name.trim())
        ? 'There is one of this name already: call it otherwise.'
        : null;
  const start = async () => {
    setBusy(true);
    const id = uuid();
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC';
    try {
      await ask(API.addHousehold, { body: { id, name: name.trim(), zone, region, system } });
      for (const p of people) {
        if (p.name.trim() === '') continue;
        const eater: Eater = {
          id: uuid(),
          name: p.name.trim(),
          programId: p.programId || null,
          exceptions: [],
          allowance: null,
          allergies: [],
          avoids: [],
          ratherNot: [],
          notOnTop: [],
          standing: [],
        };
        await documents
          .hold({ householdId: id, name: 'eaters', id: eater.id }, null)
          .want({ wants: 'make', document: eater });
      }
      await refresh.households();
      navigate(`/h/${id}/recipes`);
    } catch (e) {
      sayError(e);
      setBusy(false);
    }
  };
  return (
    <Modal title="A household of your own" onClose={onClose}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (wrong === null && !busy) void start();
        }}
      >
        <fieldset>
          <legend className="label">Who eats with you, and how do they count?</legend>
          <ul className="space-y-2">
            {people.map((p, i) => (
              <li key={i} className="flex flex-wrap gap-2">
                <input
                  className="field min-w-32 flex-1"
                  aria-label={`Name of the ${i === 0 ? 'first' : 'next'} eater`}
                  placeholder={i === 0 ? 'your name' : 'a name'}
                  maxLength={60}
                  value={p.name}
                  onChange={(e) => set(i, { name: e.target.value })}
                />
                <Picker
                  label={`Program of ${p.name || 'them'}`}
                  labelled="unseen"
                  className="w-52"
                  value={p.programId}
                  choices={[
                    ...SAMPLE_PROGRAMS.map((x) => ({
                      value: x.id as string,
                      words: `${x.mark} · ${x.name}`,
                      about: x.idea,
                    })),
                    { value: '', words: 'does not count' },
                  ]}
                  onPick={(programId) => set(i, { programId })}
                />
              </li>
            ))}
          </ul>
          <button type="button" className="btn btn-small mt-2" onClick={() => setPeople([...people, blank])}>
            One more
          </button>
          <p className="mt-2 text-soft text-sm">
            These programs are invented, to try it with. Allergies and what somebody avoids are asked at the table,
            under Household.
          </p>
        </fieldset>
        <div className="mt-4 grid grid-cols-1 gap-3 sm:grid-cols-2">
          <Picker
            label="Cups and spoons"
            value={system}
            choices={SYSTEMS.map((s) => ({ value: s, words: SYSTEM_WORDS[s] }))}
            onPick={setSystem}
          />
          <Picker
            label="Words"
            value={region}
            choices={REGIONS.map((r) => ({ value: r, words: REGION_WORDS[r].name, about: REGION_WORDS[r].example }))}
            onPick={setRegion}
          />
          <label className="sm:col-span-2">
            <span className="label">Name of the household</span>
            <input className="field" maxLength={80} value={name} onChange={(e) => setName(e.target.value)} />
          </label>
        </div>
        <p role="alert" className="mt-2 text-beet">
          {wrong}
        </p>
        <button type="submit" className="btn btn-main mt-2" disabled={busy || wrong !== null}>
          Start
        </button>
      </form>
      <FromFile />
    </Modal>
  );
}
