import { lazy, Suspense } from 'react';
import type { Picture } from '../../contract/picture.ts';
import type { Box, Cook } from '../../core/cook/cook.ts';
import { cookHistory } from '../../core/cook/cook-history.ts';
import { takenWords } from '../../core/cook/outcome-words.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { pictureAt } from '../components/pictures.tsx';
import { AGAIN_WORDS } from '../components/verdicts.tsx';
import { useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';

const LazyCookChart = lazy(() => import('./cook-chart.tsx'));

interface CookedBeforeProps {
  /** All of them, the newest first. */
  readonly cooks: readonly Cook[];
  /** The one that is on the table; null where none is. */
  readonly openId: string | null;
  readonly boxes: readonly Box[];
  readonly onOpen: (id: string) => void;
}

/** The times that the dish was cooked: what came out, what a portion counted, pictures, and the notes for the next time. */
export function CookedBefore({ cooks, openId, boxes, onOpen }: CookedBeforeProps) {
  const { household, eaters } = useHousehold();
  const { page } = useOpenRecipe();
  const told = cookHistory(cooks);
  const others = cooks.filter((c) => c.id !== openId);
  if (others.length === 0) return null;
  return (
    <section aria-label="Cooked before" className="mt-10 max-w-3xl">
      <h2 className="text-xl">Cooked before</h2>
      {told.length > 1 && (
        <Suspense fallback={<p className="h-56 text-soft">Drawing…</p>}>
          <LazyCookChart told={told} />
        </Suspense>
      )}
      <ul className="mt-2 border-rule border-t">
        {others.map((c) => {
          const there = boxes.filter((b) => b.cookId === c.id && b.taken === null).length;
          const one = told.find((t) => t.id === c.id);
          const picture = page.pictures.find((p: Picture) => p.cookId === c.id);
          return (
            <li key={c.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-rule border-b py-2">
              {picture && (
                <img
                  src={pictureAt(household.id, picture.id, 'small')}
                  alt={`${page.recipe.title}, ${formatDay(c.day)}`}
                  className="h-16 w-16 rounded-lg border border-rule object-cover"
                />
              )}
              <span className="min-w-[min(16rem,100%)] flex-1">
                <strong>{formatDay(c.day)}</strong>{' '}
                <span className="text-soft">
                  {page.versions.find((v) => v.id === c.versionId)?.name}
                  {c.as === 'kits' && ', as raw kits'}
                  {c.out !== null && `, ${takenWords(c.out, 1)}`}
                  {one?.ofRaw != null && `, ${Math.round(one.ofRaw * 100)} % of what went in`}
                  {c.minutes !== null && `, ${c.minutes} min`}
                  {there > 0 && `, ${there} ${there === 1 ? 'box' : 'boxes'} still there`}
                </span>
                {Object.keys(c.verdicts).length > 0 && (
                  <span className="block text-soft">
                    {eaters
                      .flatMap((e) => (c.verdicts[e.id] ? [`${e.name}: ${AGAIN_WORDS[c.verdicts[e.id]!.again]}`] : []))
                      .join(', ')}
                  </span>
                )}
                {c.note !== '' && <span className="block">{c.note}</span>}
              </span>
              {one?.points.map((p) => (
                <span key={p.key} className="whitespace-nowrap">
                  <span className="text-sm text-soft">{p.mark}</span> <strong>{formatPoints(p.points)}</strong>
                </span>
              ))}
              <button type="button" className="btn btn-small" onClick={() => onOpen(c.id)}>
                Open it
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
