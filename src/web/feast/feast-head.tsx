import { PageTitle } from '../kit/page-title.tsx';
import { SaveQuestion, SaveState } from '../kit/save-state.tsx';
import { UndoButtons } from '../kit/undo-buttons.tsx';
import { useTyped } from '../kit/use-typed.ts';
import { useUndoKeys } from '../kit/use-undo-keys.ts';
import type { OpenFeast } from './use-feast.ts';

/** What a feast is called, when it is and for how many, with undo and redo over everything. */
export function FeastHead({ saved, shown, change }: Pick<OpenFeast, 'saved' | 'shown' | 'change'>) {
  const feast = shown.document;
  const { undo, redo } = shown.history;
  useUndoKeys(saved);
  return (
    <>
      <div className="mt-1 flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
        <div className="flex flex-wrap items-end gap-3">
          <NameField key={feast.name} name={feast.name} onName={(name) => change('Rename the feast', { name })} />
          <label>
            <span className="label">Day</span>
            <input
              type="date"
              className="field w-auto"
              value={feast.day ?? ''}
              onChange={(e) => change('Change the day', { day: e.target.value === '' ? null : e.target.value })}
            />
          </label>
          <PeopleField
            key={feast.people}
            people={feast.people}
            onPeople={(people) => change('Change for how many', { people })}
          />
        </div>
        <div className="flex items-center gap-2">
          <UndoButtons
            undo={undo?.label ?? (shown.earlier ? '' : null)}
            redo={redo?.label ?? null}
            onUndo={() => void saved.undo()}
            onRedo={() => void saved.redo()}
          />
          <SaveState shown={shown} />
        </div>
      </div>
      <SaveQuestion saved={saved} shown={shown} what="This feast" />
    </>
  );
}

const feastNameTyped = (text: string): string | undefined => text.trim().slice(0, 120) || undefined;

function NameField({ name, onName }: { name: string; onName: (name: string) => void }) {
  const { field } = useTyped(name, feastNameTyped, onName);
  return (
    <div>
      <PageTitle of={[name, 'Feasts']} />
      <h1 className="sr-only">{name}</h1>
      <label>
        <span className="label">Feast</span>
        <input className="field w-64 font-bold font-head text-xl" maxLength={120} {...field} />
      </label>
    </div>
  );
}

const peopleTyped = (text: string): number | undefined => {
  const value = /^\d{1,3}$/.test(text.trim()) ? Number(text) : 0;
  return value >= 1 && value <= 500 ? value : undefined;
};

function PeopleField({ people, onPeople }: { people: number; onPeople: (people: number) => void }) {
  const { field } = useTyped(String(people), peopleTyped, onPeople);
  return (
    <label>
      <span className="label">For how many</span>
      <input inputMode="numeric" className="field w-20" {...field} />
    </label>
  );
}
