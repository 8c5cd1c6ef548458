import { format, parseISO } from 'date-fns';
import { Wand2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { WEEK_API } from '../../contract/week-api.ts';
import { sayProposal } from '../../core/propose/say-proposal.ts';
import { type AskedWeek, askedWeek, freePlaces, type WeekQuestion } from '../../core/propose/week-question.ts';
import { addDays, daysOfWeek } from '../../core/quantity/calendar-day.ts';
import { useHousehold } from '../context/household-context.ts';
import { useAnswer } from '../data/use-answer.ts';
import { Check } from '../kit/check.tsx';
import { OneOfFew } from '../kit/one-of-few.tsx';
import { type OpenWeek, useToday, useWeek } from '../week/use-week.ts';
import { WeekHead } from '../week/week-head.tsx';
import { ProposalShown } from './proposal-shown.tsx';
import { type KindId, PROPOSAL_KINDS, type Proposals, useProposals } from './use-proposals.ts';

const PROPOSED_DAYS = 7;
const shortDayWords = (day: string): string => format(parseISO(day), 'EEE d');

/** A week proposed: what could stand on its free places, and why; nothing is taken without a tap. */
export function ProposePage() {
  const now = useToday();
  const [params] = useSearchParams();
  const asked = params.get('from') ?? '';
  const monday = daysOfWeek(/^\d{4}-\d\d-\d\d$/.test(asked) ? asked : now, 1)[0]!;
  // Of a week that has begun what is left of it.
  const from = monday < now && addDays(monday, PROPOSED_DAYS) > now ? now : monday;
  const week = useWeek(monday, PROPOSED_DAYS);
  return (
    <main className="page">
      <WeekHead
        title="A week proposed"
        about="What could stand on the free places, so that every limit holds. Nothing is taken without your tap."
      />
      {week === null ? (
        <p className="mt-6 text-soft" role="status">
          Setting the week out…
        </p>
      ) : from < now ? (
        <p className="mt-6">
          That week is over.{' '}
          <Link className="underline" to="../week/plan">
            Back to the plan
          </Link>
        </p>
      ) : (
        <AskForWeek key={from} week={week} days={week.days.filter((d) => d >= from)} monday={monday} />
      )}
    </main>
  );
}

interface AskForWeekProps {
  readonly week: OpenWeek;
  readonly days: readonly string[];
  readonly monday: string;
}

function AskForWeek({ week, days, monday }: AskForWeekProps) {
  const { household, eaters } = useHousehold();
  const timed = household.meals.filter((m) => m.time !== null);
  const usual = (timed.at(-1) ?? household.meals[0])?.id ?? '';
  const [meals, setMeals] = useState<ReadonlySet<string>>(new Set([usual]));
  const [cookDays, setCookDays] = useState<ReadonlySet<string>>(new Set(days));
  const [shown, setShown] = useState<KindId>('cooking');
  // What was asked: what is taken of it fills places, and it is said of those that were free.
  const [asked, setAsked] = useState<{ readonly question: WeekQuestion; readonly is: AskedWeek } | null>(null);
  const { proposals, ask, stop, forget } = useProposals();
  const last = days.at(-1)!;
  const { data: offer, error } = useAnswer(WEEK_API.offer, {
    h: household.id,
    query: { from: days[0]!, to: last },
  });
  const question = useMemo(
    (): WeekQuestion => ({
      days,
      eaterIds: eaters.map((e) => e.id),
      mealsOfDay: timed.map((m) => m.id),
      meals: household.meals.map((m) => m.id).filter((id) => meals.has(id)),
      cookDays: [...cookDays],
      told: week.told,
      isStanding: week.isStanding,
      offer: offer ?? { dishes: [], boxes: [], pots: [] },
      upwards: household.upwards,
    }),
    [days, eaters, timed, household, meals, cookDays, week, offer],
  );
  const free = freePlaces(question).length;
  const pickMeals = (id: string, on: boolean): void => {
    forget();
    setMeals(new Set(on ? [...meals, id] : [...meals].filter((m) => m !== id)));
  };
  const pickDay = (day: string, on: boolean): void => {
    forget();
    setCookDays(new Set(on ? [...cookDays, day] : [...cookDays].filter((d) => d !== day)));
  };
  if (error && offer === undefined) throw error;
  return (
    <>
      <div className="mt-4 flex flex-wrap gap-x-10 gap-y-3">
        <fieldset>
          <legend className="label">Fill</legend>
          <div className="flex flex-wrap gap-x-5">
            {household.meals.map((m) => (
              <Check key={m.id} checked={meals.has(m.id)} onCheck={(on) => pickMeals(m.id, on)}>
                {m.name}
              </Check>
            ))}
          </div>
        </fieldset>
        <fieldset>
          <legend className="label">There is time to cook on</legend>
          <div className="flex flex-wrap gap-x-5">
            {days.map((d) => (
              <Check key={d} checked={cookDays.has(d)} onCheck={(on) => pickDay(d, on)}>
                {shortDayWords(d)}
              </Check>
            ))}
          </div>
        </fieldset>
      </div>
      <p className="mt-3 flex flex-wrap items-center gap-3">
        <button
          type="button"
          className="btn btn-main"
          disabled={offer === undefined || free === 0 || proposals.state === 'searching'}
          onClick={() => {
            const is = askedWeek(question);
            setAsked({ question, is });
            void ask(is.problem);
          }}
        >
          <Wand2 size={20} aria-hidden="true" /> Propose
        </button>
        <span className="text-soft">
          {eaters.length === 0
            ? 'Nobody is at the table yet.'
            : meals.size === 0
              ? 'Say which meals are to be filled.'
              : free === 0
                ? 'Every one of these places is filled already.'
                : `${free} ${free === 1 ? 'place is' : 'places are'} free from ${shortDayWords(days[0]!)} to ${shortDayWords(last)}.`}
        </span>
      </p>
      <p className="mt-1 text-soft text-sm">
        Sweet dishes, what is too little for a meal, and what is not wholly read and counted are not proposed.
        {offer !== undefined &&
          offer.notLookedAt > 0 &&
          ` Your favourites and what you worked on last are weighed; ${offer.notLookedAt} other ${offer.notLookedAt === 1 ? 'dish is' : 'dishes are'} not.`}
      </p>
      <Searching proposals={proposals} onStop={stop} />
      {asked !== null && proposals.of[shown] !== undefined && (
        <>
          <OneOfFew
            label="What it is best in"
            className="mt-4"
            value={shown}
            choices={PROPOSAL_KINDS.filter((k) => proposals.of[k.id] !== undefined).map((k) => ({
              value: k.id,
              words: k.words,
            }))}
            onPick={setShown}
          />
          <ProposalShown
            key={shown}
            said={sayProposal(asked.question, asked.is, proposals.of[shown]!)}
            low={proposals.of[shown]!.weighed.low}
            spoiled={proposals.of[shown]!.weighed.spoiled}
            week={week}
            monday={monday}
          />
        </>
      )}
    </>
  );
}

/** That it is looked for, with the way to end it. */
function Searching({ proposals, onStop }: { readonly proposals: Proposals; readonly onStop: () => void }) {
  if (proposals.state === 'failed') {
    return (
      <p className="note mt-3" role="alert">
        Nothing could be proposed. {proposals.words}
      </p>
    );
  }
  if (proposals.state !== 'searching') return null;
  const done = Object.keys(proposals.of).length;
  return (
    <p className="mt-3 flex flex-wrap items-center gap-3 text-soft" role="status">
      Weighing what could be cooked… {done > 0 && `${done} of ${PROPOSAL_KINDS.length} proposals so far.`}
      <button type="button" className="btn btn-small" onClick={onStop}>
        {done > 0 ? 'This will do' : 'Stop'}
      </button>
    </p>
  );
}
