import type { Box, Cook } from '../../core/cook/cook.ts';
import { countShare } from '../../core/cook/count-share.ts';
import { takenWords } from '../../core/cook/outcome-words.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';

interface CookedBeforeProps {
  readonly cooks: readonly Cook[];
  readonly boxes: readonly Box[];
  readonly onOpen: (id: string) => void;
}

/** The times that the dish was cooked before: what came out, what all of it counted, and the notes for the next time. */
export function CookedBefore({ cooks, boxes, onOpen }: CookedBeforeProps) {
  const { page } = useOpenRecipe();
  return (
    <section aria-label="Cooked before" className="mt-10 max-w-3xl">
      <h2 className="text-xl">Cooked before</h2>
      <ul className="mt-2 border-rule border-t">
        {cooks.map((c) => {
          const there = boxes.filter((b) => b.cookId === c.id && b.taken === null).length;
          return (
            <li key={c.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-rule border-b py-2">
              <span className="min-w-[min(16rem,100%)] flex-1">
                <strong>{formatDay(c.day)}</strong>{' '}
                <span className="text-soft">
                  {page.versions.find((v) => v.id === c.versionId)?.name}
                  {c.out !== null && `, ${takenWords(c.out, 1)}`}
                  {there > 0 && `, ${there} ${there === 1 ? 'box' : 'boxes'} still there`}
                </span>
                {c.note !== '' && <span className="block">{c.note}</span>}
              </span>
              {c.frozen?.counters.map((f) => (
                <span key={f.key} className="whitespace-nowrap">
                  <span className="text-sm text-soft">{f.mark}</span>{' '}
                  <strong>{formatPoints(countShare(c.frozen!, f.key, 1).points)}</strong>
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
