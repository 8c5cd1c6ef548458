import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { ProgramSchema } from '../../contract/program.ts';
import { NUTRIENT_WORDS, NUTRIENTS, type Nutrient } from '../../core/food/nutrients.ts';
import type { Program } from '../../core/program/program.ts';
import { programDifferences } from '../../core/program/program-differences.ts';
import { WEEK_BEGINS } from '../../core/program/program-words.ts';
import { COUNTING_METHODS, type Rule } from '../../core/program/rule.ts';
import { isUncounted } from '../../core/program/uncounted.ts';
import { METHOD_WORDS } from '../components/method-words.ts';
import { useHousehold } from '../context/household-context.ts';
import { usePantry } from '../data/queries.ts';
import { Check } from '../kit/check.tsx';
import { FootBar } from '../kit/foot-bar.tsx';
import { NumberField } from '../kit/number-field.tsx';
import { Page } from '../kit/page.tsx';
import { Picker } from '../kit/picker.tsx';
import { ListEditor } from './list-editor.tsx';
import { isShippedProgram } from './own-programs.ts';
import { useProgramChanges } from './use-program-changes.ts';
import { WorkedExample } from './worked-example.tsx';

/** Changes an own program: its rule, its list, what there is a day; what it makes of a food stands beside it. */
export function ProgramEditorPage() {
  const { program: id } = useParams();
  const { household, programs } = useHousehold();
  const program = programs.find((p) => p.id === id);
  if (program === undefined || isShippedProgram(program)) {
    return (
      <Page heading="Not to be changed" of="Programs" about="Only programs of your own can be changed: copy this one.">
        <p className="mt-4">
          <Link to={`/h/${household.id}/programs${program ? `/${program.id}` : ''}`} className="btn">
            Back
          </Link>
        </p>
      </Page>
    );
  }
  return <Editor key={program.id} program={program} />;
}

const perNutrientWith = (
  all: Rule['coefficients'],
  n: Nutrient,
  value: number | null,
): Partial<Record<Nutrient, number>> => {
  const { [n]: _, ...others } = all;
  return value === null ? others : { ...others, [n]: value };
};

/** What each nutrient is called where its number is asked for. */
const numberOf = (n: Nutrient): string =>
  n === 'kcal' ? 'a kcal' : `a ${NUTRIENT_WORDS[n].unit} of ${NUTRIENT_WORDS[n].name}`;

function Editor({ program }: { readonly program: Program }) {
  const { household } = useHousehold();
  const changes = useProgramChanges();
  const navigate = useNavigate();
  /** What the draft began from: another device may have saved since, and nothing of either is written over unseen. */
  const [base, setBase] = useState(program);
  const [draft, setDraft] = useState(program);
  const [asked, setAsked] = useState(false);
  /** How often the other was taken: fields begin anew with it. */
  const [taken, setTaken] = useState(0);
  const set = (change: Partial<Program>) => setDraft({ ...draft, ...change });
  // What is typed is certain: what the rule was taught from says nothing of it any more.
  const rule = (change: Partial<Rule>) => set({ rule: { ...draft.rule, ...change }, taught: null });
  const read = useMemo(() => ProgramSchema.safeParse(draft), [draft]);
  const wrong = read.success ? [] : read.error.issues.map((i) => `${wordsOfPath(i.path)} ${i.message}`);
  // What is being typed may be no program yet; what can be read of it is shown.
  const [lastGood, setLastGood] = useState(program);
  if (read.success && read.data !== lastGood && JSON.stringify(read.data) !== JSON.stringify(lastGood))
    setLastGood(read.data);
  const save = async () => {
    setAsked(true);
    if (!read.success) return;
    if (await changes.change(base, read.data)) navigate(`/h/${household.id}/programs/${program.id}`);
  };
  return (
    <Page
      heading={`Change ${program.name}`}
      of="Programs"
      about="As it stands in your booklet. Nothing is kept before you save it."
    >
      <div className="mt-5 grid gap-x-10 gap-y-8 desk:grid-cols-[minmax(0,1fr)_26rem] desk:items-start">
        <div key={taken} className="grid gap-8">
          <section aria-label="What it is called" className="grid grid-cols-[5.5rem_minmax(0,1fr)] gap-3">
            <label>
              <span className="label">Mark</span>
              <input
                className="field uppercase"
                maxLength={3}
                value={draft.mark}
                onChange={(e) => set({ mark: e.target.value.toUpperCase() })}
              />
            </label>
            <label>
              <span className="label">Name</span>
              <input className="field" value={draft.name} onChange={(e) => set({ name: e.target.value })} />
            </label>
            <label className="col-span-full">
              <span className="label">What it follows, in a sentence</span>
              <input className="field" value={draft.idea} onChange={(e) => set({ idea: e.target.value })} />
            </label>
          </section>
          <section aria-label="The rule">
            <h2 className="text-xl">The rule</h2>
            <p className="text-soft">
              A number for every nutrient that counts: what raises the points is above 0, what lowers them below. What
              does not count stays empty.
            </p>
            <div className="mt-2 flex flex-wrap items-end gap-3">
              <NumberField
                label="1 point for every"
                className="w-32"
                value={draft.rule.per}
                onValue={(per) => rule({ per: per ?? Number.NaN })}
              />
              <span className="pb-2.5">of the sum of:</span>
            </div>
            <table className="mt-2 w-full max-w-xl text-left">
              <thead className="text-sm text-soft">
                <tr>
                  <th scope="col" className="font-normal">
                    for
                  </th>
                  <th scope="col" className="w-28 px-2 font-normal">
                    times
                  </th>
                  <th scope="col" className="w-28 font-normal">
                    at most
                  </th>
                </tr>
              </thead>
              <tbody>
                {NUTRIENTS.map((n) => (
                  <tr key={n} className="border-rule border-b">
                    <th scope="row" className="py-1 font-normal">
                      {numberOf(n)}
                    </th>
                    <td className="px-2 py-1">
                      <NumberField
                        label={`Times ${numberOf(n)}`}
                        labelled="unseen"
                        value={draft.rule.coefficients[n] ?? null}
                        onValue={(v) => rule({ coefficients: perNutrientWith(draft.rule.coefficients, n, v) })}
                      />
                    </td>
                    <td className="py-1">
                      <NumberField
                        label={`At most so much ${NUTRIENT_WORDS[n].name}`}
                        labelled="unseen"
                        placeholder="any"
                        value={draft.rule.caps[n] ?? null}
                        onValue={(v) => rule({ caps: perNutrientWith(draft.rule.caps, n, v) })}
                      />
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
            <div className="mt-4 grid gap-3 sm:grid-cols-2">
              <Picker
                label="Points come in"
                value={String(draft.rule.step)}
                choices={[
                  { value: '1', words: 'whole points' },
                  { value: '0.5', words: 'half points' },
                ]}
                onPick={(step) => rule({ step: step === '1' ? 1 : 0.5 })}
              />
              <Picker
                label="Rounded"
                value={draft.rule.rounding}
                choices={[
                  { value: 'nearest', words: 'to the nearest' },
                  { value: 'up', words: 'up' },
                  { value: 'down', words: 'down' },
                ]}
                onPick={(rounding) => rule({ rounding })}
              />
              <Picker
                label="A recipe is counted"
                value={draft.by}
                choices={COUNTING_METHODS.map((m) => ({ value: m, words: METHOD_WORDS[m] }))}
                onPick={(by) => set({ by })}
              />
              <Picker
                label="Below 0 it stops"
                value={draft.rule.floorAt}
                choices={[
                  { value: 'serving', words: 'at the whole serving' },
                  { value: 'line', words: 'at every ingredient' },
                ]}
                onPick={(floorAt) => rule({ floorAt })}
              />
            </div>
          </section>
          <div>
            <ListEditor list={draft.list} onChange={(list) => set({ list })} />
            <Check checked={draft.personal} onCheck={(personal) => set({ personal })} className="mt-3">
              Each person has an own list: cards say what it may be for others
            </Check>
          </div>
          <section aria-label="A day and a week">
            <h2 className="text-xl">A day and a week</h2>
            <div className="mt-2 grid grid-cols-2 gap-3 sm:grid-cols-3">
              <NumberField
                label="Points a day"
                value={draft.allowance}
                onValue={(v) => set({ allowance: v ?? Number.NaN })}
              />
              <NumberField
                label="Reserve a week"
                value={draft.reserve}
                onValue={(v) => set({ reserve: v ?? Number.NaN })}
              />
              <NumberField
                label="Not below, a day"
                value={draft.floor}
                onValue={(v) => set({ floor: v ?? Number.NaN })}
              />
              <Picker
                label="The week begins on"
                value={String(draft.week.begins)}
                choices={WEEK_BEGINS.map((day, i) => ({ value: String(i + 1), words: day }))}
                onPick={(begins) => set({ week: { ...draft.week, begins: Number(begins) } })}
              />
              <NumberField
                label="Carried on from a day"
                value={draft.week.carriesOver}
                onValue={(v) => set({ week: { ...draft.week, carriesOver: v ?? Number.NaN } })}
              />
              <Picker
                label="A day adds"
                value={draft.week.adds}
                choices={[
                  { value: 'rounded', words: 'rounded points' },
                  { value: 'raw', words: 'first, and rounds then' },
                ]}
                onPick={(adds) => set({ week: { ...draft.week, adds } })}
              />
            </div>
            <p className="mt-2 text-sm text-soft">
              How much a person should eat is for a doctor or a dietitian to say; Imbiss only counts what your program
              says.
            </p>
          </section>
          {program.revision !== base.revision && (
            <div className="note" role="alert">
              <p className="font-semibold">It was changed elsewhere since you began. Nothing of yours is lost.</p>
              <ul className="list-disc pl-5">
                {programDifferences(base, program).map((d) => (
                  <li key={d}>there: {d}</li>
                ))}
              </ul>
              <div className="mt-2 flex flex-wrap gap-2">
                <button type="button" className="btn btn-small" onClick={() => setBase(program)}>
                  Mine shall hold
                </button>
                <button
                  type="button"
                  className="btn btn-small"
                  onClick={() => {
                    setBase(program);
                    setDraft(program);
                    setTaken(taken + 1);
                  }}
                >
                  Take the other
                </button>
              </div>
            </div>
          )}
          {asked && wrong.length > 0 && (
            <div className="note" role="alert">
              <p className="font-semibold">Before it can be kept:</p>
              <ul className="list-disc pl-5">
                {[...new Set(wrong)].map((w) => (
                  <li key={w}>{w}.</li>
                ))}
              </ul>
            </div>
          )}
          <div className="flex gap-2 max-desk:hidden">
            <SaveAndCancel programId={program.id} onSave={save} />
          </div>
        </div>
        <div className="grid gap-4 desk:sticky desk:top-4">
          <WorkedExample program={lastGood} />
          <UncountedShare program={lastGood} />
        </div>
      </div>
      <div className="desk:hidden">
        <FootBar label="Keep it or leave it">
          <SaveAndCancel programId={program.id} onSave={save} />
        </FootBar>
      </div>
    </Page>
  );
}

function SaveAndCancel({ programId, onSave }: { readonly programId: string; readonly onSave: () => void }) {
  const { household } = useHousehold();
  return (
    <>
      <button type="button" className="btn btn-main" onClick={onSave}>
        Save the program
      </button>
      <Link to={`/h/${household.id}/programs/${programId}`} className="btn">
        Leave it as it was
      </Link>
    </>
  );
}

/** How much of the pantry a list leaves out: one that leaves out everything is a slip. */
function UncountedShare({ program }: { readonly program: Program }) {
  const { household } = useHousehold();
  const { data: pantry = [] } = usePantry(household.id);
  const out = useMemo(
    () => pantry.filter((f) => isUncounted(f, program.list).uncounted).length,
    [pantry, program.list],
  );
  if (pantry.length === 0) return null;
  return (
    <p className={out === pantry.length ? 'note' : 'text-soft'} role="status">
      {out === pantry.length
        ? 'The list leaves out every food of the pantry: nothing counts any more. Narrow its entries.'
        : `Its list leaves out ${out} of ${pantry.length} foods of the pantry.`}
    </p>
  );
}

const PROGRAM_FIELD_WORDS: Readonly<Record<string, string>> = {
  mark: 'The mark',
  name: 'The name',
  idea: 'The sentence',
  per: '"1 point for every"',
  allowance: 'Points a day',
  reserve: 'The reserve',
  floor: '"Not below"',
  carriesOver: '"Carried on from a day"',
  words: 'What an entry of the list is called',
};

/** Where in a program something is wrong, in the words of its fields. */
function wordsOfPath(path: readonly PropertyKey[]): string {
  const last = String(path.at(-1));
  const before = String(path.at(-2));
  if (last in NUTRIENT_WORDS) {
    const { name } = NUTRIENT_WORDS[last as Nutrient];
    return before === 'coefficients' ? `The number for ${name}` : `"At most" for ${name}`;
  }
  if (last === 'coefficients') return 'The rule would';
  return PROGRAM_FIELD_WORDS[last] ?? 'Something in it';
}
