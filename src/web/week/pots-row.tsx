import { useDraggable } from '@dnd-kit/core';
import { format, parseISO } from 'date-fns';
import { CookingPot, ListOrdered, Minus, Plus } from 'lucide-react';
import { Link } from 'react-router';
import { COOK_API } from '../../contract/cook-api.ts';
import { boxFor } from '../../core/day/box-for.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { useHousehold } from '../context/household-context.ts';
import { useAnswer } from '../data/use-answer.ts';
import { sayError } from '../kit/say-error.ts';
import type { OpenWeek, ShownPot } from './use-week.ts';

interface PotsRowProps {
  readonly week: OpenWeek;
  readonly onMake: () => void;
}

/** The pots of a week, with what of each is on nobody's plate, and the boxes that have to be eaten first. */
export function PotsRow({ week, onMake }: PotsRowProps) {
  const { household, eaters } = useHousehold();
  const { data: boxes } = useAnswer(COOK_API.boxes, { h: household.id, query: {} });
  const pots = week.pots.filter((p) => week.days.includes(p.day) || p.left > 0);
  const planned = new Set(
    eaters.flatMap((e) =>
      week
        .told(e.id)
        .flatMap((d) => d.entries.flatMap((c) => (c.entry.what.kind === 'box' ? [c.entry.what.boxId] : []))),
    ),
  );
  const waiting = (boxes ?? []).filter(
    (b) => !planned.has(b.id) && b.place === 'fridge' && eaters.some((e) => boxFor(b, e.id)),
  );
  return (
    <section aria-label="Pots" className="mt-4">
      <div className="flex flex-wrap items-stretch gap-3">
        {pots.map((p) => (
          <PotCard key={p.id} pot={p} week={week} />
        ))}
        <button type="button" className="btn min-h-16 border-dashed" onClick={onMake}>
          <CookingPot size={20} aria-hidden="true" /> Plan a pot
        </button>
        {pots.filter((p) => p.cookId === null).length > 1 && (
          <Link className="btn min-h-16" to={`/h/${household.id}/week/prep`}>
            <ListOrdered size={20} aria-hidden="true" /> Cook in one go
          </Link>
        )}
      </div>
      {waiting.length > 0 && (
        <p className="mt-2 text-soft">
          First of all, boxes that are on no plate yet:{' '}
          {waiting.map((b) => `${b.title} (until ${formatDay(b.keepUntil)})`).join(', ')}.
        </p>
      )}
    </section>
  );
}

function PotCard({ pot, week }: { readonly pot: ShownPot; readonly week: OpenWeek }) {
  const { household } = useHousehold();
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({ id: `pot ${pot.id}` });
  const set = (servings: number) => void week.changePot(pot, { servings }, 'For how many').catch(sayError);
  return (
    <div className="panel flex w-72 max-w-full items-start gap-2 border-rule p-2">
      <button
        type="button"
        ref={setNodeRef}
        {...attributes}
        {...listeners}
        aria-label={`A portion of ${pot.title}: press the space bar to pick it up`}
        style={transform === null ? undefined : { transform: `translate(${transform.x}px, ${transform.y}px)` }}
        className={`grid size-11 shrink-0 cursor-grab touch-manipulation place-items-center rounded-lg bg-beet-wash text-beet ${isDragging ? 'relative z-20 shadow-lg' : ''}`}
      >
        <CookingPot size={22} aria-hidden="true" />
      </button>
      <div className="min-w-0">
        <Link
          to={`/h/${household.id}/recipes/${pot.recipeId}/cook`}
          className="font-semibold underline decoration-rule underline-offset-4"
        >
          {pot.title}
        </Link>
        <p className="text-soft text-sm">
          {format(parseISO(pot.day), 'EEE d MMM')}
          {pot.cookId !== null && ', cooked'}
        </p>
        <p className={pot.left === 0 ? 'text-soft text-sm' : 'text-mustard text-sm'}>
          {pot.left === 0
            ? 'every portion is on a plate'
            : pot.left > 0
              ? `${formatAmount(pot.left)} of ${formatAmount(pot.servings)} on nobody’s plate`
              : `${formatAmount(-pot.left)} more on plates than it makes`}
        </p>
        <p className="flex flex-wrap items-center">
          <button
            type="button"
            className="btn btn-plain size-9 p-0"
            aria-label={`${pot.title} for one less`}
            disabled={pot.servings <= 1}
            onClick={() => set(pot.servings - 1)}
          >
            <Minus size={16} aria-hidden="true" />
          </button>
          <span>for {formatAmount(pot.servings)}</span>
          <button
            type="button"
            className="btn btn-plain size-9 p-0"
            aria-label={`${pot.title} for one more`}
            onClick={() => set(pot.servings + 1)}
          >
            <Plus size={16} aria-hidden="true" />
          </button>
          <button
            type="button"
            className="btn btn-plain btn-small"
            onClick={() => void week.removePot(pot).catch(sayError)}
          >
            Off the plan
          </button>
        </p>
      </div>
    </div>
  );
}
