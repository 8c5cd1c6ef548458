import { useMemo } from 'react';
import type { FoodIndex } from '../../core/food/match-food.ts';
import { checkSteps } from '../../core/version/check-steps.ts';
import type { Version } from '../../core/version/version.ts';
import { useRecipeHead } from './use-recipe-head.ts';

/** Where list and steps disagree, before anything is counted on. What is no trouble is put aside, and stays so. */
export function StepDoubts({ version, index }: { version: Version; index: FoodIndex | null }) {
  const { head, change } = useRecipeHead();
  const doubts = useMemo(() => checkSteps(version.lines, version.steps, index), [version.lines, version.steps, index]);
  const shown = doubts.filter((d) => !head.settled.includes(d.words));
  const aside = doubts.length - shown.length;
  const putAside = (words: string) => void change('Put a doubt aside', { settled: [...head.settled, words] });
  const bringBack = () => {
    const told = new Set(doubts.map((d) => d.words));
    void change('Show what was put aside', { settled: head.settled.filter((s) => !told.has(s)) });
  };
  if (doubts.length === 0) return null;
  return (
    <section aria-label="Worth a look" className={shown.length > 0 ? 'note mt-4' : 'mt-4'}>
      {shown.length > 0 && (
        <>
          <h2 className="text-base">Worth a look</h2>
          <ul>
            {shown.map((d) => (
              <li key={d.words} className="flex items-start justify-between gap-3 py-1">
                <span className="min-w-0 break-words">{d.words}</span>
                <button
                  type="button"
                  className="btn btn-plain btn-small shrink-0"
                  onClick={() => putAside(d.words)}
                  aria-label={`It is right so: ${d.words}`}
                >
                  It is right so
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
      {aside > 0 && (
        <button type="button" className="btn btn-plain btn-small text-soft" onClick={bringBack}>
          {aside === 1 ? 'One doubt is put aside: show it' : `${aside} doubts are put aside: show them`}
        </button>
      )}
    </section>
  );
}
