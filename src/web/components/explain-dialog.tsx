import { lazy, Suspense, useMemo } from 'react';
import type { VersionCount } from '../../core/counting/count-version.ts';
import type { StairPlace } from '../../core/counting/stair-words.ts';
import { NUTRIENT_WORDS, NUTRIENTS, type Nutrient } from '../../core/food/nutrients.ts';
import { compareWays } from '../../core/program/compare-methods.ts';
import type { Count } from '../../core/program/count.ts';
import { type Explanation, explainCount } from '../../core/program/explain-count.ts';
import { certaintyWords, formatPoints } from '../../core/program/format-points.ts';
import { roundingWords } from '../../core/program/rounding-words.ts';
import { hasCaps, type Rule } from '../../core/program/rule.ts';
import { stairOf } from '../../core/program/stair.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';
import type { Version } from '../../core/version/version.ts';
import type { CountingEater } from '../context/household-context.ts';
import { Modal } from '../kit/modal.tsx';
import { BillLines } from './bill-lines.tsx';
import { MethodList } from './method-list.tsx';
import { METHOD_WORDS } from './method-words.ts';
import { StairSketch } from './stair-sketch.tsx';

const LazyStairChart = lazy(() => import('./stair-chart.tsx'));

interface ExplainDialogProps {
  readonly version: Version;
  readonly count: VersionCount;
  readonly eater: CountingEater;
  /** The eater's count, with all that is not certain of it. */
  readonly counted: Count;
  /** Why it is not sure; null where it is. */
  readonly why: string | null;
  readonly place: StairPlace;
  /** Takes so many grams off a line; left out where nothing can be changed. */
  readonly onCut?: ((lineId: string, grams: number) => void) | undefined;
  readonly onClose: () => void;
}

/** The reason of a number as a bill: what each line adds, the sum, how it is rounded, and what makes it a step less. */
export function ExplainDialog({ version, count, eater, counted, why, place, onCut, onClose }: ExplainDialogProps) {
  const { program, counter } = eater;
  const ways = useMemo(() => compareWays(count.lines, counter, { servings: count.servings }), [count, counter]);
  const stair = useMemo(
    () => stairOf(count.lines, counter, { servings: count.servings }, Math.min(3, count.servings)),
    [count, counter],
  );
  const mine = ways.find((w) => w.own)!.count;
  const explanation = useMemo(
    () => explainCount(count.lines, counter, count.servings, program.by),
    [count, counter, program],
  );
  const sure = certaintyWords(counted);
  const { cut } = place;
  return (
    <Modal title={`Why ${formatPoints(mine.points)} for ${eater.eater.name}`} onClose={onClose}>
      <BillLines version={version} lines={count.lines} mine={mine} explanation={explanation} rule={program.rule} />
      <p className="mt-3 flex flex-wrap items-baseline justify-between gap-x-4 border-ink border-t-4 border-double pt-2">
        <span>
          <strong className="font-head">{mine.raw.toFixed(2)}</strong>, {roundingWords(program.rule)}
        </span>
        <strong className="font-head text-2xl">
          = {formatPoints(mine.points)}
          {sure && <span className="ml-2 font-normal text-base text-mustard">{sure}</span>}
        </strong>
      </p>
      {why && <p className="mt-1 text-mustard text-sm">{why}</p>}
      <div className="mt-3 flex items-center gap-4">
        <StairSketch along={place.along} count={place.count} step={program.rule.step} />
        <div className="min-w-0">
          {cut && onCut ? (
            <button
              type="button"
              className="btn whitespace-normal text-left"
              onClick={() => {
                onClose();
                onCut(cut.lineId, cut.grams);
              }}
            >
              {place.less.replace(/\.$/, '')}: do it
            </button>
          ) : (
            <p>{place.less}</p>
          )}
          {place.more && <p className="mt-1 text-soft text-sm">{place.more}</p>}
        </div>
      </div>
      <h3 className="mt-5 text-lg">Points against the portion</h3>
      <Suspense fallback={<p className="h-56 text-soft">Drawing…</p>}>
        <LazyStairChart stair={stair} points={mine.points} servingGrams={count.servingGrams} />
      </Suspense>
      <h3 className="mt-5 text-lg">How it is reckoned</h3>
      <p className="mt-1">
        {program.name} ({program.mark}) counts {formulaWords(program.rule)}, by {METHOD_WORDS[program.by]}.
        {hasCaps(program.rule) && ' Some nutrients are capped.'}
      </p>
      <FormulaLine explanation={explanation} rule={program.rule} />
      <MethodList ways={ways} mark={program.mark} />
    </Modal>
  );
}

function formulaWords(rule: Rule): string {
  const terms = NUTRIENTS.flatMap((n): string[] => {
    const c = rule.coefficients[n];
    if (!c) return [];
    const size = Math.abs(c) === 1 ? '' : `${trimmed(Math.abs(c), 4)} × `;
    return [`${c < 0 ? '− ' : '+ '}${size}${NUTRIENT_WORDS[n].name}`];
  });
  const sum = terms.join(' ').replace(/^\+ /, '');
  return rule.per === 1 ? sum : `(${sum}) ÷ ${trimmed(rule.per, 4)}`;
}

/** The formula with the serving's own numbers in it. */
function FormulaLine({ explanation, rule }: { explanation: Explanation; rule: Rule }) {
  const { terms, pinned } = explanation;
  if (terms === null) {
    return (
      <p className="mt-2 text-soft text-sm">
        Each line goes through the formula on its own, so that no single sum says it.
      </p>
    );
  }
  return (
    <p className="mt-2 text-sm text-soft">
      What counts, in the formula:{' '}
      {terms.map((t, i) => (
        <span key={t.nutrient}>
          {t.coefficient < 0 ? ' − ' : i > 0 ? ' + ' : ''}
          {Math.abs(t.coefficient) === 1 ? '' : `${trimmed(Math.abs(t.coefficient), 4)} × `}
          {t.amount === null ? 'unknown' : trimmed(t.amount, 1)} {unitOf(t.nutrient)}
        </span>
      ))}
      {rule.per !== 1 && `, all ÷ ${trimmed(rule.per, 4)}`}
      {pinned > 0 && `, and ${pinned.toFixed(2)} by the points you know`}.
    </p>
  );
}

const unitOf = (n: Nutrient): string => (n === 'kcal' ? 'kcal' : `${NUTRIENT_WORDS[n].unit} ${NUTRIENT_WORDS[n].name}`);
