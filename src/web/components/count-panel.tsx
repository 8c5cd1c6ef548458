import { type ReactNode, useState } from 'react';
import type { VersionCount } from '../../core/counting/count-version.ts';
import { doubtWords } from '../../core/counting/doubt-words.ts';
import type { StairPlace } from '../../core/counting/stair-words.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import type { Interval } from '../../core/quantity/interval.ts';
import type { Version } from '../../core/version/version.ts';
import { servingWeightWords } from '../../core/yield/cooked-share.ts';
import type { CountingEater } from '../context/household-context.ts';
import { FootBar } from '../kit/foot-bar.tsx';
import { PointsShown } from '../kit/points-shown.tsx';
import { EaterCount } from './eater-count.tsx';
import { ExplainDialog } from './explain-dialog.tsx';
import { NutritionList, nutritionWords } from './nutrition-list.tsx';

interface CountPanelProps {
  readonly version: Version;
  readonly count: VersionCount;
  readonly places: readonly StairPlace[];
  readonly eaters: readonly CountingEater[];
  /** The version it is compared with. */
  readonly before?: VersionCount | null;
  /** What a serving weighs cooked, estimated; null where nothing is heated. */
  readonly cooked?: Interval | null;
  /** What is at the foot of the page where it is held in the hand; else the points, which lead here. */
  readonly foot?: ReactNode;
  /** Takes so many grams off a line, where the version can be changed. */
  readonly onCut?: (lineId: string, grams: number) => void;
  readonly children?: ReactNode;
}

/** What a serving counts for every eater, where it stands on the stair, and its nutrition. Click a number for its reasons. */
export function CountPanel({
  version,
  count,
  places,
  eaters,
  before = null,
  cooked = null,
  foot,
  onCut,
  children,
}: CountPanelProps) {
  const [explained, setExplained] = useState<number | null>(null);
  const whyOf = (i: number): string | null =>
    doubtWords(count.counts[i]!, version.lines, count.lines, eaters[i]!.program.rule);
  const grams = Math.round(count.servingGrams);
  const beforeGrams = before ? Math.round(before.servingGrams) : null;
  return (
    <aside
      id="count"
      aria-label="The count"
      className="scroll-mt-4 border-ink border-t bg-sheet px-5 pt-5 pb-24 desk:sticky desk:top-0 desk:col-start-2 desk:row-span-2 desk:row-start-1 desk:max-h-dvh desk:min-h-dvh desk:overflow-y-auto desk:border-t-0 desk:border-l desk:pb-5 print:hidden"
    >
      {foot ?? (
        <FootBar label="The count">
          <a
            href="#count"
            aria-label="To the count"
            className="flex min-h-touch min-w-0 flex-1 flex-wrap items-center justify-center gap-x-5"
          >
            {eaters.map((e, i) => (
              <span key={e.eater.id} className="flex items-baseline gap-1.5">
                <span className="text-sm text-soft">{e.program.mark}</span>
                <PointsShown count={count.counts[i]!} />
              </span>
            ))}
            <span className="text-soft">{nutritionWords(count.perServing.kcal.value, 'kcal')} kcal</span>
          </a>
        </FootBar>
      )}
      <h2 className="text-xl">
        {count.hasServings ? `A serving, of ${formatAmount(count.servings)}` : 'The whole, no servings yet'}
      </h2>
      <p className="text-soft">
        {servingWeightWords(count.servingGrams, cooked)}
        {beforeGrams !== null && (beforeGrams === grams ? ', as before' : `, was ${beforeGrams} g`)}
      </p>
      <p className="sr-only" role="status">
        {eaters.map((e, i) => `${e.eater.name} ${formatPoints(count.counts[i]!.points)}`).join(', ')}
      </p>
      <ul className="mt-3">
        {eaters.map((e, i) => (
          <EaterCount
            key={e.eater.id}
            eater={e}
            place={places[i]!}
            count={count.counts[i]!}
            was={before?.counts[i] ?? null}
            why={whyOf(i)}
            onExplain={() => setExplained(i)}
          />
        ))}
      </ul>
      <p className="no-print border-rule border-t pt-2 text-soft text-sm">
        A stair shows the points against the portion: the dot is this serving, and how far it is to the next step either
        way.
      </p>
      <NutritionList count={count} before={before} />
      {!count.hasServings && count.per100g && (
        <p className="border-rule border-t py-2 text-sm">
          Per 100 g: {nutritionWords(count.per100g.kcal.value, 'kcal')} kcal. Say how many servings it makes to count
          one.
        </p>
      )}
      {children}
      {explained !== null && (
        <ExplainDialog
          version={version}
          count={count}
          eater={eaters[explained]!}
          counted={count.counts[explained]!}
          why={whyOf(explained)}
          place={places[explained]!}
          onCut={onCut}
          onClose={() => setExplained(null)}
        />
      )}
    </aside>
  );
}
