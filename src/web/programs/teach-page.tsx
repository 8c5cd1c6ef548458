import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import type { LabelRules } from '../../core/food/label-rounding.ts';
import type { Nutrient } from '../../core/food/nutrients.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import type { Program } from '../../core/program/program.ts';
import type { Rounding } from '../../core/program/rule.ts';
import { anyFood } from '../../core/program/uncounted.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';
import { anythingOf } from '../../core/teach/fits.ts';
import type { AskableAmounts } from '../../core/teach/next-question.ts';
import { useHousehold } from '../context/household-context.ts';
import { Page } from '../kit/page.tsx';
import { Picker } from '../kit/picker.tsx';
import { AddKnown } from './add-known.tsx';
import { KnownFile } from './known-file.tsx';
import { NextQuestionCard } from './next-question-card.tsx';
import { isShippedProgram } from './own-programs.ts';
import { TaughtFoods } from './taught-foods.tsx';
import { TaughtRule } from './taught-rule.tsx';
import type { TeachQuestion } from './teach-worker.ts';
import { useKnownFoods } from './use-known-foods.ts';
import { useProgramChanges } from './use-program-changes.ts';
import { useTeaching } from './use-teaching.ts';

/** What programs count by, as a cook may find out. */
const MAY_COUNT: readonly Nutrient[] = ['kcal', 'satFat', 'sugars', 'protein', 'fibre', 'fat', 'carbs'];

/** Teaches an own program its rule, from foods whose points the cook knows. */
export function TeachPage() {
  const { program: id } = useParams();
  const { household, programs } = useHousehold();
  const program = programs.find((p) => p.id === id);
  if (program === undefined || isShippedProgram(program)) {
    return (
      <Page heading="Nothing to teach" of="Programs" about="Only a program of your own can be taught: copy this one.">
        <p className="mt-4">
          <Link to={`/h/${household.id}/programs`} className="btn">
            To the programs
          </Link>
        </p>
      </Page>
    );
  }
  return <Teach program={program} />;
}

function Teach({ program }: { readonly program: Program }) {
  const changes = useProgramChanges();
  const [reading, setReading] = useState<LabelRules>('exact');
  const { foods, observed, pinned, known, isListed, about, add, make, takeOut } = useKnownFoods(program, reading);
  const [amounts, setAmounts] = useState<AskableAmounts>('1');
  const [rounding, setRounding] = useState<Rounding | ''>('');
  const [skipped, setSkipped] = useState<readonly string[]>([]);
  const question = useMemo((): TeachQuestion | null => {
    if (known.length === 0 || about.length === 0) return null;
    const anything = anythingOf(MAY_COUNT);
    const modes = rounding === '' ? anything.modes : anything.modes.filter((m) => m.rounding === rounding);
    return { known, about: about.filter((f) => !skipped.includes(f.name)), teachable: { ...anything, modes }, amounts };
  }, [known, about, amounts, rounding, skipped]);
  const { found, learning, wrong, stop } = useTeaching(question);
  const answer = (points: number) => {
    const next = found?.next;
    const food = next?.food.foodId === undefined ? undefined : foods.get(next.food.foodId);
    if (!next || !food) return;
    void add(food, (next.food.grams ?? 0) * next.portions, points);
  };
  const listed = (found?.taught.uncounted ?? []).flatMap((name) => {
    const foodId = observed.find((o) => o.name === name)?.foodId;
    return (foodId && foods.get(foodId)) || [];
  });
  return (
    <Page
      heading={`Teach ${program.name}`}
      of="Programs"
      about="Say the points of foods that you know, as the program itself says them; the rule is found from them."
    >
      <div className="mt-5 grid gap-x-10 gap-y-6 desk:grid-cols-[minmax(0,1fr)_26rem] desk:items-start">
        <div className="grid gap-6">
          {found?.next && (
            <NextQuestionCard
              next={found.next}
              step={found.taught.modes.some((m) => m.step === 1) ? 1 : 0.5}
              onAnswer={answer}
              onSkip={() => setSkipped([...skipped, found.next!.food.name])}
            />
          )}
          <AddKnown onAdd={(food, grams, points) => void add(food, grams, points)} />
          <section aria-label="What you know">
            <h2 className="text-xl">What you know</h2>
            {known.length === 0 && observed.length + pinned.length > 0 && (
              <p className="note" role="alert">
                Everything that you know is on the list of what does not count, and teaches nothing of the rule. Take an
                entry off its list, or add foods that count.
              </p>
            )}
            {known.length === 0 && observed.length + pinned.length === 0 ? (
              <p className="text-soft">
                Nothing yet. Begin with some six foods that differ: something fat, something sweet, bread, meat, a
                vegetable. After that it asks for what tells most.
              </p>
            ) : (
              <ul className="mt-1">
                {observed.map((o) => (
                  <li key={o.id} className="flex items-center gap-3 border-rule border-b py-1">
                    <span className="min-w-0 flex-1">
                      {o.name}{' '}
                      <span className="text-sm text-soft">
                        {o.grams !== null && `${trimmed(o.grams, 0)} g`}
                        {isListed(o.foodId) && ', on its list and left out'}
                      </span>
                    </span>
                    <strong className="font-head text-lg">{formatPoints(o.points)}</strong>
                    <button
                      type="button"
                      className="btn btn-plain btn-small"
                      aria-label={`Take ${o.name} out`}
                      onClick={() => void takeOut(o)}
                    >
                      Remove
                    </button>
                  </li>
                ))}
                {pinned.map((k) => (
                  <li key={`pin ${k.name}`} className="flex items-center gap-3 border-rule border-b py-2">
                    <span className="min-w-0 flex-1">
                      {k.name} <span className="text-sm text-soft">{trimmed(k.grams ?? 0, 0)} g, pinned</span>
                    </span>
                    <strong className="font-head text-lg">{formatPoints(k.points)}</strong>
                  </li>
                ))}
              </ul>
            )}
            <KnownFile programId={program.id} foods={foods} onRead={make} />
          </section>
        </div>
        <div className="grid gap-4 desk:row-span-2">
          <div className="flex min-h-touch items-center gap-3">
            <p className="text-soft" role="status">
              {wrong ??
                (learning
                  ? `Learning from ${known.length} ${known.length === 1 ? 'food' : 'foods'}…`
                  : found === null
                    ? ''
                    : `Learnt from ${known.length} ${known.length === 1 ? 'food' : 'foods'}.`)}
            </p>
            {learning && (
              <button type="button" className="btn btn-small" onClick={stop}>
                Stop
              </button>
            )}
          </div>
          {found && (
            <TaughtRule
              taught={found.taught}
              onTake={(rule, taught) => void changes.change(program, { ...program, rule, taught })}
              onUncounted={
                listed.length === 0
                  ? null
                  : () => {
                      const entry = { ...anyFood('found out by its points'), foods: listed.map((f) => f.id) };
                      const list = { ...program.list, entries: [...program.list.entries, entry] };
                      void changes.change(program, { ...program, list });
                    }
              }
            />
          )}
          <Picker
            label="What the program can be asked"
            value={amounts}
            choices={[
              { value: '1', words: 'one portion of a food' },
              { value: '1,2,3', words: 'one, two or three portions' },
              { value: 'any', words: 'any amount', about: 'tells most with the fewest questions' },
            ]}
            onPick={setAmounts}
          />
          <Picker
            label="How you come to its points"
            value={reading}
            choices={[
              { value: 'exact', words: 'I type these nutrients into it', about: 'they are taken as exact' },
              { value: 'us', words: 'I look the food up; US labels', about: 'their rounding is reckoned with' },
              { value: 'eu', words: 'I look the food up; European labels', about: 'their rounding is reckoned with' },
            ]}
            onPick={setReading}
          />
          <Picker
            label="How it rounds"
            value={rounding}
            choices={[
              { value: '', words: 'not known: to be found out' },
              { value: 'nearest', words: 'to the nearest' },
              { value: 'up', words: 'up' },
              { value: 'down', words: 'down' },
            ]}
            onPick={setRounding}
          />
        </div>
        {found && found.points.length > 0 && (
          <div className="desk:col-start-1">
            <TaughtFoods points={found.points} />
          </div>
        )}
      </div>
    </Page>
  );
}
