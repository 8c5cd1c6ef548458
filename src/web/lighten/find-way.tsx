import { useState } from 'react';
import type { VersionCount } from '../../core/counting/count-version.ts';
import type { Version } from '../../core/version/version.ts';
import type { LineChoice } from '../../core/ways/line-choices.ts';
import type { OtherWay } from '../../core/ways/other-ways.ts';
import { readWithout } from '../../core/ways/without.ts';
import { type CountingEater, useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { Modal } from '../kit/modal.tsx';
import { numberTyped } from '../kit/number-typed.ts';
import { OneOfFew } from '../kit/one-of-few.tsx';
import { noLimits } from '../ways/limits.ts';
import { LimitsLine } from '../ways/limits-line.tsx';
import { OtherWays } from '../ways/other-ways-list.tsx';
import { StairOfWays } from '../ways/stair-of-ways.tsx';
import { useSearchContext } from '../ways/use-search-context.ts';
import { findOnce, useOtherWays, useWayStair } from '../ways/use-ways.ts';
import type { WaysQuestion } from '../ways/ways-worker.ts';

interface FindWayProps {
  readonly version: Version;
  readonly count: VersionCount;
  readonly eaters: readonly CountingEater[];
  readonly onTake: (changes: readonly LineChoice[], label: string) => void;
  /** Takes what is lighter in another way. */
  readonly onOther: (way: OtherWay) => void;
  readonly onClose: () => void;
}

/** The stair of a dish: every point that can be reached, with what it costs; nothing is asked before it is there. */
export function FindWay({ version, count, eaters, onTake, onOther, onClose }: FindWayProps) {
  const { eaters: people } = useHousehold();
  const { page, foods } = useOpenRecipe();
  const context = useSearchContext(foods);
  const [lead, setLead] = useState(0);
  const [limits, setLimits] = useState(() => noLimits(eaters.length));
  const lacking = context.stock.filter((s) => s.lacking && s.foodId !== null);
  const questionFor = (leadPoints: number | null): WaysQuestion => {
    const asked = readWithout(limits.without.split(','));
    return {
      ...context.shared([version], page.foods, limits.onlyHouse),
      subject: {
        kind: 'dish',
        version,
        title: page.recipe.title,
        without: {
          allergies: [...asked.allergies, ...people.flatMap((p) => p.allergies)],
          avoids: [...asked.avoids, ...people.flatMap((p) => p.avoids)],
          notOnTop: people.flatMap((p) => p.notOnTop),
          people: [...people, { name: 'Asked for', ...asked }],
        },
      },
      aim: {
        points: eaters.map((_, i) => (i === lead ? leadPoints : numberTyped(limits.points[i] ?? ''))),
        kcal: numberTyped(limits.kcal),
        protein: numberTyped(limits.protein),
        sodium: numberTyped(limits.sodium),
        grams: numberTyped(limits.grams),
        changes: numberTyped(limits.changes),
      },
      inner: page.inner.map((i) => i.version),
      counters: eaters.map((e) => e.counter),
      frontierOf: leadPoints === null ? lead : null,
    };
  };
  const stair = useWayStair(() => questionFor(null), JSON.stringify([lead, limits]));
  const others = useOtherWays(() => questionFor(null));
  const kept = version.lines.filter((l) => l.kept && !l.leftOut);
  return (
    <Modal title="Find a way" full onClose={onClose}>
      {eaters.length > 1 && (
        <OneOfFew
          label="Whose stair"
          value={String(lead)}
          choices={eaters.map((e, i) => ({ value: String(i), words: `${e.eater.name}'s` }))}
          onPick={(at) => setLead(Number(at))}
        />
      )}
      <LimitsLine limits={limits} onLimit={setLimits} eaters={eaters} lead={lead} count={count} stock={context.stock} />
      {(kept.length > 0 || lacking.length > 0) && (
        <p className="text-soft text-sm">
          {kept.length > 0 && <>Kept, and not touched: {kept.map((l) => l.text).join(' · ')}. </>}
          {lacking.length > 0 && <>Cannot be had: {lacking.map((s) => s.name).join(', ')}.</>}
        </p>
      )}
      <div className="mt-2" aria-busy={stair.kind === 'searching'}>
        <p className="sr-only" role="status">
          {stair.kind === 'searching' && 'Looking for every point that can be reached.'}
          {stair.kind === 'found' &&
            `${stair.answer.treads.length} points can be reached. The arrows go down the stair.`}
        </p>
        {stair.kind === 'searching' && (
          <p className="flex min-h-40 items-center gap-3 text-soft">
            <progress value={stair.done} max={1} aria-label="Searching" /> Weighing every choice…
          </p>
        )}
        {stair.kind === 'failed' && (
          <p className="note mt-4" role="alert">
            The search failed: {stair.words} Change a limit and look again.
          </p>
        )}
        {stair.kind === 'found' && (
          <>
            <StairOfWays
              key={`${lead} ${JSON.stringify(limits)}`}
              stair={stair.answer}
              now={count.counts.map((c) => c.points)}
              lead={lead}
              onLead={setLead}
              swaps={context.swaps}
              words={{ eaters, grams: count.servingGrams, toGet: context.toGet, onTake }}
              others={async (points) => (await findOnce(questionFor(points))).ways.filter((w) => w.differs !== null)}
            />
            {stair.answer.stopped && (
              <p className="note mt-3">
                The search took too long and was ended: what is here holds, and there may be more. Keep more lines, and
                look again.
              </p>
            )}
            {others.length > 0 && <OtherWays others={others} count={count} eaters={eaters} onTake={onOther} />}
            <p className="mt-4 text-soft text-sm">
              The words say how far the dish goes from the family's, as far as the swaps are known to take it and your
              table has said how it was: nobody notices, a little, clearly, another dish.
            </p>
          </>
        )}
      </div>
    </Modal>
  );
}
