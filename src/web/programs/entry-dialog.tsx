import { X } from 'lucide-react';
import { useState } from 'react';
import { FOOD_KINDS, FOOD_STATES, type FoodKind, type FoodState } from '../../core/food/food.ts';
import { FOOD_KIND_WORDS } from '../../core/food/kind-words.ts';
import { NUTRIENT_WORDS, NUTRIENTS, type Nutrient } from '../../core/food/nutrients.ts';
import { conditionWords } from '../../core/program/program-words.ts';
import { isMeant, saysWhich, type UncountedEntry } from '../../core/program/uncounted.ts';
import { FoodChooser } from '../components/food-chooser.tsx';
import { useHousehold } from '../context/household-context.ts';
import { usePantry } from '../data/queries.ts';
import { Modal } from '../kit/modal.tsx';
import { NumberField } from '../kit/number-field.tsx';
import { Picker } from '../kit/picker.tsx';

interface EntryDialogProps {
  readonly entry: UncountedEntry;
  /** Only foods and kinds, and no conditions. */
  readonly plain: boolean;
  readonly onTake: (entry: UncountedEntry) => void;
  readonly onClose: () => void;
}

const KINDS_BY_WORDS: readonly FoodKind[] = [...FOOD_KINDS]
  .filter((k) => k !== 'nothing')
  .sort((a, b) => FOOD_KIND_WORDS[a].localeCompare(FOOD_KIND_WORDS[b]));
const NONE = '';
const LONGEST_WORDS = 120;
/** So many foods are named to show what an entry means. */
const MOST_SHOWN = 6;

/** One entry of a list: which foods, under which condition; read aloud while it is made. */
export function EntryDialog({ entry: given, plain, onTake, onClose }: EntryDialogProps) {
  const { household } = useHousehold();
  const { data: pantry = [] } = usePantry(household.id);
  const [entry, setEntry] = useState(given);
  const [asked, setAsked] = useState(false);
  const set = (change: Partial<UncountedEntry>) => setEntry({ ...entry, ...change });
  const nameOf = (id: string): string | null => pantry.find((f) => f.id === id)?.name ?? null;
  const sentence = conditionWords(entry, nameOf);
  const meant = pantry.filter((f) => isMeant(f, entry));
  const groups = [...new Set(pantry.map((f) => f.group))].filter((g) => !entry.groups.includes(g));
  const wrong = !saysWhich(entry)
    ? 'Say which foods it means: a food, a kind, or a limit.'
    : Object.values(entry.atMost).some((v) => !(v >= 0))
      ? 'A limit is a number from 0 on.'
      : null;
  return (
    <Modal title={plain ? 'What counts all the same' : 'What does not count'} onClose={onClose}>
      <p className="panel p-3" role="status">
        <span className="font-semibold">{sentence[0]!.toUpperCase() + sentence.slice(1)}.</span>
        <span className="block text-sm text-soft">
          {meant.length === 0
            ? 'No food of the pantry is meant by it.'
            : `${meant.length} ${meant.length === 1 ? 'food' : 'foods'} of the pantry: ${meant
                .slice(0, MOST_SHOWN)
                .map((f) => f.name)
                .join('; ')}${meant.length > MOST_SHOWN ? ' …' : ''}`}
        </span>
      </p>
      <div className="mt-4 grid gap-4">
        <label>
          <span className="label">What it is called</span>
          <input
            className="field"
            maxLength={LONGEST_WORDS}
            placeholder={sentence.slice(0, LONGEST_WORDS)}
            value={entry.words}
            onChange={(e) => set({ words: e.target.value })}
          />
        </label>
        <div>
          <FoodChooser
            key={entry.foods.length}
            label="A food"
            food={null}
            onChoose={(f) => entry.foods.includes(f.id) || set({ foods: [...entry.foods, f.id] })}
          />
          <Chosen
            names={entry.foods.map((id) => nameOf(id) ?? id)}
            onRemove={(at) => set({ foods: entry.foods.toSpliced(at, 1) })}
          />
        </div>
        <ManyOf
          label="A kind of food"
          all={KINDS_BY_WORDS}
          words={(k) => FOOD_KIND_WORDS[k]}
          chosen={entry.kinds}
          onChosen={(kinds) => set({ kinds })}
        />
        {!plain && (
          <>
            <ManyOf
              label="A whole group of the pantry"
              all={groups}
              words={(g) => g}
              chosen={entry.groups}
              onChosen={(chosen) => set({ groups: chosen })}
            />
            <ManyOf
              label="Only when it is"
              all={FOOD_STATES}
              words={(s) => s}
              chosen={entry.states ?? []}
              onChosen={(states: readonly FoodState[]) => set({ states: states.length === 0 ? null : states })}
            />
            <EntryLimits atMost={entry.atMost} onChange={(atMost) => set({ atMost })} />
            <ManyOf
              label="But nothing that is also"
              all={KINDS_BY_WORDS}
              words={(k) => FOOD_KIND_WORDS[k]}
              chosen={entry.without}
              onChosen={(without) => set({ without })}
            />
          </>
        )}
      </div>
      {asked && wrong && (
        <p className="note mt-3" role="alert">
          {wrong}
        </p>
      )}
      <div className="mt-5 flex gap-2">
        <button
          type="button"
          className="btn btn-main"
          onClick={() => {
            setAsked(true);
            if (wrong === null) onTake({ ...entry, words: entry.words.trim() || sentence.slice(0, LONGEST_WORDS) });
          }}
        >
          Put it on the list
        </button>
        <button type="button" className="btn" onClick={onClose}>
          Cancel
        </button>
      </div>
    </Modal>
  );
}

/** What was chosen so far, each with a way to take it out. */
function Chosen({ names, onRemove }: { readonly names: readonly string[]; readonly onRemove: (at: number) => void }) {
  if (names.length === 0) return null;
  return (
    <ul className="mt-1.5 flex flex-wrap gap-1.5">
      {names.map((name, at) => (
        <li key={name}>
          <button type="button" className="chip flex items-center gap-1" onClick={() => onRemove(at)}>
            {name} <X size={16} aria-hidden="true" />
            <span className="sr-only">, take it out</span>
          </button>
        </li>
      ))}
    </ul>
  );
}

interface ManyOfProps<T extends string> {
  readonly label: string;
  readonly all: readonly T[];
  readonly words: (one: T) => string;
  readonly chosen: readonly T[];
  readonly onChosen: (chosen: readonly T[]) => void;
}

/** Several of a list, picked one after the other. */
function ManyOf<T extends string>({ label, all, words, chosen, onChosen }: ManyOfProps<T>) {
  const left = all.filter((x) => !chosen.includes(x));
  return (
    <div>
      <Picker
        label={label}
        value={NONE}
        choices={[
          { value: NONE as string, words: chosen.length === 0 ? 'any' : 'one more' },
          ...left.map((x) => ({ value: x as string, words: words(x) })),
        ]}
        onPick={(picked) => {
          const found = left.find((x) => x === picked);
          if (found !== undefined) onChosen([...chosen, found]);
        }}
      />
      <Chosen names={chosen.map(words)} onRemove={(at) => onChosen(chosen.toSpliced(at, 1))} />
    </div>
  );
}

interface EntryLimitsProps {
  readonly atMost: UncountedEntry['atMost'];
  readonly onChange: (atMost: UncountedEntry['atMost']) => void;
}

/** The most of a nutrient in 100 g: what lean and fat-free mean. */
function EntryLimits({ atMost, onChange }: EntryLimitsProps) {
  const limited = NUTRIENTS.filter((n) => atMost[n] !== undefined);
  const without = (n: Nutrient) => Object.fromEntries(Object.entries(atMost).filter(([k]) => k !== n));
  return (
    <div>
      <Picker
        label="Only with little of, in 100 g"
        value={NONE}
        choices={[
          { value: NONE as string, words: limited.length === 0 ? 'no limit' : 'one more' },
          ...NUTRIENTS.filter((n) => atMost[n] === undefined).map((n) => ({
            value: n as string,
            words: NUTRIENT_WORDS[n].name,
          })),
        ]}
        onPick={(picked) => {
          const n = NUTRIENTS.find((x) => x === picked);
          if (n) onChange({ ...atMost, [n]: n === 'kcal' ? 60 : 7 });
        }}
      />
      {limited.map((n) => (
        <div key={n} className="mt-1.5 flex items-end gap-2">
          <NumberField
            label={`At most, ${NUTRIENT_WORDS[n].unit} of ${NUTRIENT_WORDS[n].name}`}
            className="w-56"
            value={atMost[n] ?? null}
            onValue={(v) => onChange({ ...atMost, [n]: v ?? Number.NaN })}
          />
          <button
            type="button"
            className="btn btn-plain btn-small"
            aria-label={`No limit for ${NUTRIENT_WORDS[n].name}`}
            onClick={() => onChange(without(n))}
          >
            Remove
          </button>
        </div>
      ))}
    </div>
  );
}
