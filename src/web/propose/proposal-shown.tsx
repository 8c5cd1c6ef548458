import { format, parseISO } from 'date-fns';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { formatPoints } from '../../core/program/format-points.ts';
import type { SaidProposal } from '../../core/propose/say-proposal.ts';
import { isFreePlace } from '../../core/propose/week-question.ts';
import { mealOf } from '../../core/table/meal.ts';
import { useHousehold } from '../context/household-context.ts';
import { Check } from '../kit/check.tsx';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';
import type { OpenWeek } from '../week/use-week.ts';
import { takeProposal } from './take-proposal.ts';

interface ProposalShownProps {
  readonly said: SaidProposal;
  /** On so many days somebody stays below the floor. */
  readonly low: number;
  /** So many boxes are lost all the same. */
  readonly spoiled: number;
  readonly week: OpenWeek;
  /** The first day of the week on the plan. */
  readonly monday: string;
}

const longDayWords = (day: string): string => format(parseISO(day), 'EEEE d MMM');
const timesCooked = (n: number): string => (n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`);
const keyOfPlace = (p: { readonly eaterId: string; readonly day: string; readonly meal: string }): string =>
  `${p.eaterId} ${p.day} ${p.meal}`;

/** A proposal: what is cooked, what has to be got, and each place with its why; taken whole or in part. */
export function ProposalShown({ said, low, spoiled, week, monday }: ProposalShownProps) {
  const { household, eaters } = useHousehold();
  const navigate = useNavigate();
  const [off, setOff] = useState<ReadonlySet<string>>(new Set());
  const [busy, setBusy] = useState(false);
  const nameOf = (id: string): string => eaters.find((e) => e.id === id)?.name ?? '';
  const mealName = (id: string): string => mealOf(household.meals, id).name;
  const days = [...new Set([...said.filled, ...said.open].map((f) => f.place.day))].sort();
  const wanted = said.filled.filter((f) => !off.has(keyOfPlace(f.place)));
  const take = async () => {
    setBusy(true);
    try {
      // What somebody else filled meanwhile stays theirs.
      const free = wanted.filter((w) => isFreePlace(week, w.place));
      const back = await takeProposal(week, said, free);
      const less = wanted.length - free.length;
      sayDone(less === 0 ? 'It is on the plan.' : `It is on the plan, but for ${less} filled meanwhile.`, back);
      navigate(`/h/${household.id}/week/plan?from=${monday}`);
    } catch (e) {
      sayError(e);
      setBusy(false);
    }
  };
  const tick = (key: string, on: boolean): void =>
    setOff(new Set(on ? [...off].filter((k) => k !== key) : [...off, key]));
  return (
    <section aria-label="The proposal" className="mt-4">
      <p className="text-lg">
        {said.cooks.length === 0 ? 'Nothing has to be cooked.' : `Cooked ${timesCooked(said.cooks.length)}:`}{' '}
        {said.cooks
          .map(
            (c) =>
              `${c.title} on ${format(parseISO(c.day), 'EEEE')}, ${c.portions} of ${c.servings} portions on plates`,
          )
          .join('; ')}
        {said.cooks.length > 0 && '.'}
      </p>
      <p className="text-soft">
        {said.toGet.length === 0 ? 'Everything for it is in the house.' : `To get: ${said.toGet.join('; ')}.`}{' '}
        {said.different} different {said.different === 1 ? 'dish' : 'dishes'}.{' '}
        {said.proved
          ? 'None is better in this: that is proved.'
          : 'Perhaps there is a better one: not everything was tried.'}
      </p>
      {spoiled > 0 && (
        <p className="text-mustard">
          {spoiled === 1 ? 'A box is' : `${spoiled} boxes are`} not eaten in time even so: freeze{' '}
          {spoiled === 1 ? 'it' : 'them'}.
        </p>
      )}
      {low > 0 && (
        <p className="note mt-2">
          On {low === 1 ? 'one day' : `${low} days`} somebody stays below what their program says is least. Eating much
          less than that is not the aim: add something there.
        </p>
      )}
      <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-5 desk:grid-cols-2">
        {days.map((day) => (
          <section key={day} aria-label={longDayWords(day)}>
            <h2 className="border-ink border-b text-lg">{longDayWords(day)}</h2>
            <ul>
              {said.filled
                .filter((f) => f.place.day === day)
                .map((f) => (
                  <li key={keyOfPlace(f.place)} className="border-rule border-b py-1">
                    <Check checked={!off.has(keyOfPlace(f.place))} onCheck={(on) => tick(keyOfPlace(f.place), on)}>
                      <span className="font-semibold">{nameOf(f.place.eaterId)}</span>,{' '}
                      {mealName(f.place.meal).toLowerCase()}: <span dir="auto">{f.title}</span>
                      {f.points !== null && <strong> {formatPoints(f.points)}</strong>}
                      <span className="block text-soft text-sm">{f.why.join('; ')}</span>
                    </Check>
                  </li>
                ))}
              {said.open
                .filter((o) => o.place.day === day)
                .map((o) => (
                  <li key={keyOfPlace(o.place)} className="border-rule border-b py-2 text-soft">
                    <span className="font-semibold">{nameOf(o.place.eaterId)}</span>,{' '}
                    {mealName(o.place.meal).toLowerCase()}: stays free. {o.why}
                  </li>
                ))}
            </ul>
          </section>
        ))}
      </div>
      <p className="sticky bottom-0 mt-5 bg-paper py-3">
        <button
          type="button"
          className="btn btn-main min-h-14"
          disabled={busy || wanted.length === 0}
          onClick={() => void take()}
        >
          Take {wanted.length === said.filled.length ? 'all' : 'these'} {wanted.length} onto the plan
        </button>
      </p>
    </section>
  );
}
