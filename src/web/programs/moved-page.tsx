import { useState } from 'react';
import { Link } from 'react-router';
import type { PublishAgain } from '../../contract/card-api.ts';
import type { DriftCause, OldCard, RenewedFood } from '../../contract/drift.ts';
import { DRIFT_API } from '../../contract/drift-api.ts';
import type { Moved } from '../../contract/moved.ts';
import type { WrongBefore } from '../../core/card/corrected.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatGrams } from '../../core/quantity/format-amount.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { PublishAgainDialog } from '../components/publish-again.tsx';
import { useHousehold } from '../context/household-context.ts';
import { useAnswer } from '../data/use-answer.ts';
import { Page } from '../kit/page.tsx';
import { errorWords } from '../kit/say-error.ts';
import { useDrift } from './use-drift.ts';

/** So many recipes of a change are shown before the cook asks for the others. */
const SHOWN_AT_ONCE = 8;

/** One place for everything that changes elsewhere moved: from what to what, why, and what to do about it. */
export function MovedPage() {
  const { drift, error, putAside, publish, take } = useDrift();
  const open = drift?.causes.filter((c) => !c.aside) ?? [];
  const aside = drift?.causes.filter((c) => c.aside) ?? [];
  const isNothing = drift !== undefined && open.length + drift.foods.length + drift.cards.length === 0;
  return (
    <Page
      heading="What moved"
      of="Programs"
      about="A program, a pin, a food or a recipe inside others was changed: here is what it did to your counts."
    >
      {error !== undefined && <p role="alert">{errorWords(error)}</p>}
      {drift !== undefined && drift.counting > 0 && (
        <p className="note mt-4" role="status">
          {drift.counting} {drift.counting === 1 ? 'recipe is' : 'recipes are'} still being counted anew.
        </p>
      )}
      {isNothing && <p className="mt-4 max-w-xl text-soft">Nothing has moved: every count is as it was last seen.</p>}
      {drift !== undefined && drift.cards.length > 0 && (
        <OldCards
          cards={drift.cards}
          likely={drift.causes.some((c) => c.kind === 'program') ? 'program' : 'food'}
          onPublish={publish}
        />
      )}
      {drift !== undefined && drift.foods.length > 0 && (
        <section aria-label="Foods with newer values" className="mt-6">
          <h2 className="text-xl">Foods with newer values</h2>
          <p className="max-w-2xl text-soft">
            Lines keep the values that they were counted with until you take the new ones.
          </p>
          <ul className="mt-2 border-rule border-t">
            {drift.foods.map((f) => (
              <FoodRenewed key={`${f.id} ${f.revision}`} food={f} onTake={take} />
            ))}
          </ul>
        </section>
      )}
      {open.length > 0 && (
        <section aria-label="Counts that moved" className="mt-6">
          <h2 className="text-xl">Counts that moved</h2>
          <ul className="mt-2 border-rule border-t">
            {open.map((c) => (
              <CauseShown key={c.id} cause={c} onAside={() => void putAside(c)} />
            ))}
          </ul>
        </section>
      )}
      {aside.length > 0 && (
        <details className="mt-6">
          <summary className="cursor-pointer py-1 font-semibold">Put aside ({aside.length})</summary>
          <ul className="mt-1 border-rule border-t">
            {aside.map((c) => (
              <CauseShown key={c.id} cause={c} onAside={() => void putAside(c)} />
            ))}
          </ul>
        </details>
      )}
    </Page>
  );
}

/** From what to what, for each program. @example LE 8 → 9 */
function PointsMoved({ points }: { readonly points: readonly Moved[] }) {
  return (
    <span className="inline-flex flex-wrap gap-x-4">
      {points.map((m) => (
        <span key={m.mark} className="whitespace-nowrap">
          <span className="text-sm text-soft">{m.mark}</span> {formatPoints(m.was)} <span aria-hidden="true">→</span>
          <span className="sr-only">, now</span> <strong>{formatPoints(m.now)}</strong>
        </span>
      ))}
    </span>
  );
}

interface CauseShownProps {
  readonly cause: DriftCause;
  readonly onAside: () => void;
}

function CauseShown({ cause, onAside }: CauseShownProps) {
  const { household } = useHousehold();
  const [all, setAll] = useState(false);
  const shown = all ? cause.most : cause.most.slice(0, SHOWN_AT_ONCE);
  const more = cause.recipes - shown.length;
  return (
    <li className="border-rule border-b py-4">
      <div className="flex flex-wrap items-start gap-x-4 gap-y-2">
        <h3 className="min-w-[min(18rem,100%)] flex-1 text-lg">
          {cause.words}{' '}
          <span className="font-normal font-sans text-sm text-soft">{formatDay(cause.at.slice(0, 10))}</span>
        </h3>
        <button type="button" className="btn btn-small" onClick={onAside}>
          {cause.aside ? 'Take it up again' : 'Put it aside'}
        </button>
      </div>
      {cause.recipes > 0 && (
        <p className="text-soft">
          It moved {cause.recipes} {cause.recipes === 1 ? 'recipe' : 'recipes'}.
        </p>
      )}
      <ul className="mt-1">
        {shown.map((r) => (
          <li key={r.id} className="flex flex-wrap items-baseline gap-x-6 gap-y-1 py-1">
            <Link
              to={`/h/${household.id}/recipes/${r.id}`}
              className="min-w-[min(16rem,100%)] flex-1 underline decoration-rule underline-offset-4"
            >
              {r.title}
            </Link>
            <PointsMoved points={r.points} />
          </li>
        ))}
      </ul>
      {!all && cause.most.length > shown.length && (
        <button type="button" className="btn btn-plain btn-small" onClick={() => setAll(true)}>
          Show {cause.most.length - shown.length} more
        </button>
      )}
      {all && more > 0 && <p className="text-soft">And {more} more, each by less.</p>}
      {cause.pins.length > 0 && (
        <ul className="mt-1">
          {cause.pins.map((p) => (
            <li key={p.food}>
              {p.food}, {formatGrams(p.grams)}: you pinned {formatPoints(p.points)}; the rule said {formatPoints(p.was)}{' '}
              and says {formatPoints(p.now)} now.
            </li>
          ))}
        </ul>
      )}
    </li>
  );
}

interface OldCardsProps {
  readonly cards: readonly OldCard[];
  /** What most likely made them old. */
  readonly likely: WrongBefore;
  readonly onPublish: (cards: readonly OldCard[], wrong: PublishAgain) => Promise<void>;
}

/** Cards that went out with other points. They stay as they are until they are published again. */
function OldCards({ cards, likely, onPublish }: OldCardsProps) {
  const { household } = useHousehold();
  const [asked, setAsked] = useState<readonly OldCard[] | null>(null);
  return (
    <section aria-label="Cards with an older count" className="mt-6">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <h2 className="flex-1 text-xl">Cards with an older count</h2>
        {cards.length > 1 && (
          <button type="button" className="btn" onClick={() => setAsked(cards)}>
            Publish all {cards.length} again
          </button>
        )}
      </div>
      <p className="max-w-2xl text-soft">
        They stay as they were passed on, and say that there is a newer count. Published again, the same link shows the
        new one.
      </p>
      <ul className="mt-2 border-rule border-t">
        {cards.map((c) => (
          <li key={c.id} className="flex flex-wrap items-center gap-x-6 gap-y-1 border-rule border-b py-2">
            <span className="min-w-[min(16rem,100%)] flex-1">
              <Link
                to={`/h/${household.id}/recipes/${c.recipeId}/pass-on`}
                className="underline decoration-rule underline-offset-4"
              >
                {c.title}
              </Link>{' '}
              <span className="block text-sm text-soft">
                {c.versionName}, counted {formatDay(c.countedOn)}
              </span>
            </span>
            <PointsMoved points={c.points} />
            <button type="button" className="btn btn-small" onClick={() => setAsked([c])}>
              Publish again
            </button>
          </li>
        ))}
      </ul>
      {asked !== null && (
        <PublishAgainDialog
          likely={likely}
          onClose={() => setAsked(null)}
          onDone={(wrong) => {
            setAsked(null);
            void onPublish(asked, wrong);
          }}
        />
      )}
    </section>
  );
}

interface FoodRenewedProps {
  readonly food: RenewedFood;
  readonly onTake: ReturnType<typeof useDrift>['take'];
}

/** A food that has newer values than lines count with: what they would make of each dish, taken one by one or all. */
function FoodRenewed({ food, onTake }: FoodRenewedProps) {
  const { household } = useHousehold();
  const [isOpen, setOpen] = useState(false);
  const { data: versions } = useAnswer(DRIFT_API.outdatedLines, isOpen ? { h: household.id, id: food.id } : null);
  return (
    <li className="border-rule border-b">
      <details onToggle={(e) => setOpen(e.currentTarget.open)}>
        <summary className="cursor-pointer py-3">
          <strong>{food.name}</strong>{' '}
          <span className="text-soft">
            in {food.recipes} {food.recipes === 1 ? 'recipe' : 'recipes'} with older values
          </span>
        </summary>
        {versions === undefined ? (
          <p className="pb-3 text-soft">Looking…</p>
        ) : (
          <>
            <ul>
              {versions.map((v) => (
                <li key={v.versionId} className="flex flex-wrap items-center gap-x-6 gap-y-1 py-1">
                  <span className="min-w-[min(16rem,100%)] flex-1">
                    {v.title} <span className="text-sm text-soft">{v.versionName}</span>
                  </span>
                  <PointsMoved points={v.points} />
                  <button type="button" className="btn btn-small" onClick={() => void onTake(food, [v])}>
                    Take it
                  </button>
                </li>
              ))}
            </ul>
            {versions.length > 1 && (
              <button type="button" className="btn mt-2 mb-3" onClick={() => void onTake(food, versions)}>
                Take it in all {versions.length}
              </button>
            )}
          </>
        )}
      </details>
    </li>
  );
}
