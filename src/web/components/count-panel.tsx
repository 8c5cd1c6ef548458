import { type ReactNode, useState } from 'react';
import type { VersionCount } from '../../core/counting/count-version.ts';
import { doubtWords } from '../../core/counting/doubt-words.ts';
import type { StairPlace } from '../../core/counting/stair-words.ts';
import { NUTRIENT_WORDS, type Nutrient } from '../../core/food/nutrients.ts';
import { certaintyWords, formatPoints } from '../../core/program/format-points.ts';
import { formatAmount, trimmed } from '../../core/quantity/format-amount.ts';
import type { Version } from '../../core/version/version.ts';
import type { CountingEater } from '../context/household-context.ts';
import { ExplainDialog } from './explain-dialog.tsx';
import { StairSketch } from './stair-sketch.tsx';

interface CountPanelProps {
  readonly version: Version;
  readonly count: VersionCount;
  readonly places: readonly StairPlace[];
  readonly eaters: readonly CountingEater[];
  /** The version it is compared with. */
  readonly before?: VersionCount | null;
  readonly children?: ReactNode;
}

const COUNT_NUTRIENTS: readonly Nutrient[] = ['kcal', 'protein', 'satFat', 'sugars', 'fibre', 'sodium'];

/** What a serving counts for every eater, where it stands on the stair, and its nutrition. Click a number for its reasons. */
export function CountPanel({ version, count, places, eaters, before = null, children }: CountPanelProps) {
  const [explained, setExplained] = useState<number | null>(null);
  const grams = Math.round(count.servingGrams);
  const beforeGrams = before ? Math.round(before.servingGrams) : null;
  return (
    <aside
      id="count"
      aria-label="The count"
      className="scroll-mt-4 border-ink border-t bg-sheet px-5 pt-5 pb-20 lg:col-start-2 lg:row-span-2 lg:row-start-1 lg:border-t-0 lg:border-l lg:pb-5"
    >
      <a
        href="#count"
        className="no-print fixed inset-x-0 bottom-0 z-20 flex items-baseline justify-center gap-5 border-ink border-t bg-sheet px-4 py-2.5 lg:hidden"
        aria-label="To the count"
      >
        {eaters.map((e, i) => (
          <span key={e.eater.id} className="flex items-baseline gap-1.5">
            <span className="text-sm text-soft">{e.program.mark}</span>
            <strong className="font-head text-2xl leading-none">{formatPoints(count.counts[i]!.points)}</strong>
          </span>
        ))}
        <span className="text-soft">{amount(count.perServing.kcal.value, 'kcal')} kcal</span>
      </a>
      <h2 className="text-xl">
        {count.hasServings ? `A serving, of ${formatAmount(count.servings)}` : 'The whole, no servings yet'}
      </h2>
      <p className="text-soft">
        about {grams} g{beforeGrams !== null && (beforeGrams === grams ? ', as before' : `, was ${beforeGrams} g`)}
      </p>
      <p className="sr-only" role="status">
        {eaters.map((e, i) => `${e.eater.name} ${formatPoints(count.counts[i]!.points)}`).join(', ')}
      </p>
      <ul className="mt-3">
        {eaters.map((e, i) => {
          const c = count.counts[i]!;
          const was = before?.counts[i];
          const sure = certaintyWords(c);
          const why = doubtWords(c, version.lines, count.lines, e.program.rule);
          return (
            <li key={e.eater.id} className="border-rule border-t py-3">
              <div className="flex items-center justify-between gap-3">
                <div className="flex min-w-0 items-center gap-2.5">
                  <span className="mark">{e.program.mark}</span>
                  <span className="min-w-0">
                    <span className="block truncate text-sm text-soft">{e.eater.name}</span>
                    <button
                      type="button"
                      onClick={() => setExplained(i)}
                      className="flex items-baseline gap-2 rounded-md text-left hover:text-beet"
                      aria-label={`${formatPoints(c.points)} points for ${e.eater.name}${sure ? `, ${sure}` : ''}. Show the reasons.`}
                    >
                      {was && was.points !== c.points && (
                        <s className="font-head text-lg text-soft">{formatPoints(was.points)}</s>
                      )}
                      <strong className="font-head text-4xl leading-none underline decoration-rule decoration-2 underline-offset-4">
                        {formatPoints(c.points)}
                      </strong>
                    </button>
                  </span>
                </div>
                <StairSketch along={places[i]!.along} count={c} step={e.program.rule.step} />
              </div>
              {sure && (
                <p className="mt-1 font-semibold text-mustard text-sm">
                  {sure}
                  {why && `. ${why}`}
                </p>
              )}
              <p className="mt-1 text-mustard text-sm">
                {places[i]!.exact} {places[i]!.less}
              </p>
              {places[i]!.more && <p className="text-sm text-soft">{places[i]!.more}</p>}
            </li>
          );
        })}
      </ul>
      <dl className="grid grid-cols-3 gap-x-3 gap-y-2 border-rule border-t py-3">
        {COUNT_NUTRIENTS.map((n) => {
          const now = count.perServing[n];
          const was = before?.perServing[n];
          return (
            <div key={n}>
              <dt className="text-sm text-soft">
                {n === 'kcal' ? 'kcal' : NUTRIENT_WORDS[n].name.replace('saturated', 'sat.')}
                {n === 'sodium' && count.saltLeftOut && <span className="block">without added salt</span>}
              </dt>
              <dd className="font-bold font-head">{amount(now.value, n)}</dd>
              {was && (
                <dd className="text-sm text-soft">
                  {amount(was.value, n) === amount(now.value, n) ? 'same' : `was ${amount(was.value, n)}`}
                </dd>
              )}
            </div>
          );
        })}
      </dl>
      {!count.hasServings && count.per100g && (
        <p className="border-rule border-t py-2 text-sm">
          Per 100 g: {amount(count.per100g.kcal.value, 'kcal')} kcal. Say how many servings it makes to count one.
        </p>
      )}
      {children}
      {explained !== null && (
        <ExplainDialog version={version} count={count} eater={eaters[explained]!} onClose={() => setExplained(null)} />
      )}
    </aside>
  );
}

function amount(value: number | null, n: Nutrient): string {
  if (value === null) return 'unknown';
  if (n === 'kcal') return String(Math.round(value));
  return n === 'sodium' ? `${Math.round(value)} mg` : `${trimmed(value, value < 10 ? 1 : 0)} g`;
}
