import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import { COOK_API } from '../../contract/cook-api.ts';
import { type Box, HOW_KEPT, type HowKept } from '../../core/cook/cook.ts';
import { APART_WORDS } from '../../core/cook/packed-apart.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatGrams } from '../../core/quantity/format-amount.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { useHousehold } from '../context/household-context.ts';
import { useAnswer } from '../data/use-answer.ts';
import { Picker } from '../kit/picker.tsx';
import { sayDone } from '../kit/say-done.ts';
import { type Row, useRows } from '../saving/use-document.ts';
import { PantryHead } from './pantry-head.tsx';

const NOTHING_THERE: readonly Row<Box>[] = [];
const idOfBox = (b: Box): string => b.id;
const dayOf = (at: Date): string => at.toISOString().slice(0, 10);

/** Fridge and freezer: what is there, whose, and until when; a box is taken by one tap. */
export function BoxesPage() {
  const { household, eaters } = useHousehold();
  const { data, isLoading } = useAnswer(COOK_API.boxes, { h: household.id, query: {} }, { revalidateOnFocus: true });
  const { rows, change } = useRows(household.id, 'boxes', data ?? NOTHING_THERE, idOfBox);
  const navigate = useNavigate();
  const there = rows.filter((b) => b.taken === null).toSorted((a, b) => a.keepUntil.localeCompare(b.keepUntil));
  const taken = rows.filter((b) => b.taken !== null).toSorted((a, b) => b.taken!.at.localeCompare(a.taken!.at));
  const nameOf = (id: string | null): string => eaters.find((e) => e.id === id)?.name ?? 'anybody';
  const take = async (box: Row<Box>, eaterId: string | null) => {
    const after = {
      eaterId,
      name: nameOf(eaterId),
      at: new Date().toISOString(),
      entryId: eaterId === null ? null : uuid(),
    };
    const back = await change(box.id, box, { ...box, taken: after }, `Take ${box.title}`);
    // A kit that is taken is cooked now.
    if (box.as === 'kits') navigate(`/h/${household.id}/recipes/${box.recipeId}/dish-up?cook=new&kit=${box.id}`);
    sayDone(box.as === 'kits' ? `The kit of ${box.title} is taken.` : `${nameOf(eaterId)} has ${box.title}.`, back);
  };
  const putBack = (box: Row<Box>) => change(box.id, box, { ...box, taken: null, kept: null }, `Put ${box.title} back`);
  return (
    <main className="page">
      <PantryHead title="Boxes" about="What was cooked and stands in the fridge and in the freezer." />
      {data === undefined && isLoading ? (
        <p className="mt-4 text-soft" role="status">
          Looking…
        </p>
      ) : there.length === 0 ? (
        <p className="mt-4 max-w-xl text-soft">
          No box is there. When you dish up what you cooked, pack what is left into boxes: each knows its points, its
          day, and whose it is.
        </p>
      ) : (
        (['fridge', 'freezer'] as const).map((place) => {
          const here = there.filter((b) => b.place === place);
          return here.length === 0 ? null : (
            <section key={place} aria-label={`In the ${place}`} className="mt-5">
              <h2 className="text-xl">In the {place}</h2>
              <ul className="mt-1 border-rule border-t">
                {here.map((b) => (
                  <BoxThere key={b.id} box={b} whose={nameOf(b.eaterId)} onTake={(id) => void take(b, id)} />
                ))}
              </ul>
            </section>
          );
        })
      )}
      {taken.length > 0 && (
        <section aria-label="Taken" className="mt-8">
          <h2 className="text-xl">Taken</h2>
          <ul className="mt-1 border-rule border-t">
            {taken.map((b) => (
              <li key={b.id} className="flex flex-wrap items-center gap-x-4 gap-y-2 border-rule border-b py-2">
                <span className="min-w-[min(14rem,100%)] flex-1">
                  {b.title}
                  <span className="block text-sm text-soft">
                    {b.taken!.name}, {formatDay(b.taken!.at.slice(0, 10))}
                  </span>
                </span>
                {b.as === 'cooked' && (
                  <Picker
                    label={`How had ${b.title} kept?`}
                    labelled="unseen"
                    className="w-44"
                    value={b.kept ?? ''}
                    choices={[
                      { value: '', words: 'How had it kept?' },
                      ...HOW_KEPT.map((k) => ({ value: k as string, words: k })),
                    ]}
                    onPick={(k) =>
                      void change(b.id, b, { ...b, kept: k === '' ? null : (k as HowKept) }, 'How it had kept')
                    }
                  />
                )}
                <button type="button" className="btn btn-plain btn-small" onClick={() => void putBack(b)}>
                  Put it back
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
    </main>
  );
}

interface BoxThereProps {
  readonly box: Row<Box>;
  readonly whose: string;
  readonly onTake: (eaterId: string | null) => void;
}

function BoxThere({ box: b, whose, onTake }: BoxThereProps) {
  const { household, eaters } = useHousehold();
  const [asking, setAsking] = useState(false);
  const late = b.place === 'fridge' && b.keepUntil < dayOf(new Date());
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-2 border-rule border-b py-3">
      <span className="min-w-[min(14rem,100%)] flex-1">
        <Link
          to={`/h/${household.id}/recipes/${b.recipeId}/dish-up?cook=${b.cookId}`}
          className="font-semibold underline decoration-rule underline-offset-4"
        >
          {b.title}
          {b.as === 'kits' && ', raw kit'}
        </Link>{' '}
        <span className="text-soft">for {whose}</span>
        <span className={`block text-sm ${late ? 'text-mustard' : 'text-soft'}`}>
          {b.grams !== null && `${formatGrams(b.grams)}, `}
          {late ? 'past its day: ' : 'until '}
          {formatDay(b.keepUntil)}
          {late && '. When in doubt, throw it out.'}
        </span>
        {b.apart.length > 0 && (
          <span className="block text-sm text-soft">
            {b.apart.map((a) => `${a.label}: ${APART_WORDS[a.how]}`).join(', ')}
          </span>
        )}
      </span>
      <span className="flex flex-wrap gap-x-3">
        {b.counts.map((c) => (
          <span key={c.key} className="whitespace-nowrap">
            <span className="text-sm text-soft">{c.mark}</span>{' '}
            <strong className="font-head text-figure">{formatPoints(c.points)}</strong>
          </span>
        ))}
        {b.kcal !== null && <span className="text-soft">{Math.round(b.kcal)} kcal</span>}
      </span>
      {b.eaterId !== null || asking ? null : (
        <button type="button" className="btn" onClick={() => (b.as === 'kits' ? onTake(null) : setAsking(true))}>
          {b.as === 'kits' ? 'Cook it' : 'Take it'}
        </button>
      )}
      {b.eaterId !== null && (
        <button type="button" className="btn" onClick={() => onTake(b.eaterId)}>
          {b.as === 'kits' ? 'Cook it' : 'Take it'}
        </button>
      )}
      {asking && (
        <span className="flex flex-wrap gap-2">
          {eaters.map((e) => (
            <button key={e.id} type="button" className="btn btn-small" onClick={() => onTake(e.id)}>
              {e.name}
            </button>
          ))}
        </span>
      )}
    </li>
  );
}
