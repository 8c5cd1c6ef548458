import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { Star } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import type { RecipeSummary } from '../../contract/recipe.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import { minutesSaid } from '../../core/quantity/minutes-said.ts';
import { pictureAt } from '../components/pictures.tsx';
import { PointsShown } from '../kit/points-shown.tsx';
import { pointsInList } from './points-in-list.ts';

interface RecipeRowsProps {
  readonly rows: readonly RecipeSummary[];
  readonly total: number | null;
  readonly household: string;
  /** Called when the end of what is here comes into sight. */
  readonly onEnd: () => void;
}

/** A row as it is before it was measured, px. */
const ROW_PX = 76;

/** Recipes as rows, of which only those in sight are drawn. */
export function RecipeRows({ rows, total, household, onEnd }: RecipeRowsProps) {
  const list = useRef<HTMLUListElement>(null);
  const virtual = useWindowVirtualizer({
    count: rows.length,
    estimateSize: () => ROW_PX,
    overscan: 12,
    scrollMargin: list.current?.offsetTop ?? 0,
    getItemKey: (i) => rows[i]!.id,
  });
  const items = virtual.getVirtualItems();
  const lastSeen = items[items.length - 1]?.index ?? -1;
  useEffect(() => {
    if (lastSeen >= rows.length - 10) onEnd();
  }, [lastSeen, rows.length, onEnd]);
  return (
    <ul ref={list} className="relative mt-4 border-rule border-t" style={{ height: virtual.getTotalSize() }}>
      {items.map((item) => (
        <li
          key={item.key}
          ref={virtual.measureElement}
          data-index={item.index}
          aria-posinset={item.index + 1}
          aria-setsize={total ?? -1}
          className="absolute top-0 left-0 w-full border-rule border-b"
          style={{ transform: `translateY(${item.start - virtual.options.scrollMargin}px)` }}
        >
          <RecipeRow recipe={rows[item.index]!} household={household} />
        </li>
      ))}
    </ul>
  );
}

function RecipeRow({ recipe: r, household }: { recipe: RecipeSummary; household: string }) {
  const each = r.servings === null ? 'the whole' : 'a serving';
  return (
    <Link
      to={`/h/${household}/recipes/${r.id}`}
      className="grid items-center gap-x-6 gap-y-1 rounded-lg px-2 py-2.5 hover:bg-sheet md:grid-cols-[1fr_auto] desk:grid-cols-[minmax(0,1fr)_auto_6.5rem]"
    >
      <span className="flex min-w-0 items-center gap-3 md:max-desk:col-span-2">
        {r.picture && (
          <img
            src={pictureAt(household, r.picture, 'small')}
            alt=""
            loading="lazy"
            className="size-14 shrink-0 rounded-lg object-cover"
          />
        )}
        <span className="min-w-0">
          <span className="font-bold font-head text-lg leading-tight [overflow-wrap:anywhere]" dir="auto">
            {r.title}
            {r.favourite && (
              <>
                {' '}
                <Star size={16} fill="currentColor" className="-mt-1 inline text-beet" aria-hidden="true" />
                <span className="sr-only">, a favourite</span>
              </>
            )}
          </span>
          <span className="block text-sm text-soft [overflow-wrap:anywhere]">
            {[
              r.servings === null ? 'no servings' : `serves ${formatAmount(r.servings)}`,
              r.minutes === null ? null : minutesSaid(r.minutes),
              r.versions > 1 ? r.versionName : null,
              r.author,
            ]
              .filter(Boolean)
              .join(' · ')}
            {r.open > 0 && (
              <span className="text-mustard"> · {r.open === 1 ? '1 open question' : `${r.open} open questions`}</span>
            )}
            {r.stale && <span className="text-mustard"> · being counted anew</span>}
          </span>
        </span>
      </span>
      <span className="flex flex-wrap gap-x-5 gap-y-1">
        {r.points.map((p) => {
          return (
            <span key={p.counter} className="flex items-baseline gap-1.5 md:min-w-32 desk:w-32">
              <span className="mark self-center">{p.mark}</span>
              <PointsShown count={pointsInList(p)} was={p.was} />
            </span>
          );
        })}
      </span>
      <span className="text-sm text-soft md:text-right">
        {r.kcal === null ? '' : `${Math.round(r.kcal)} kcal`} <span className="desk:block">{each}</span>
      </span>
    </Link>
  );
}
