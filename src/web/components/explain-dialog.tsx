import { lazy, Suspense, useMemo } from 'react';
import type { VersionCount } from '../../core/counting/count-version.ts';
import { NUTRIENT_WORDS, NUTRIENTS, type Nutrient } from '../../core/food/nutrients.ts';
import { compareWays } from '../../core/program/compare-methods.ts';
import { type Explanation, explainCount } from '../../core/program/explain-count.ts';
import { certaintyWords, formatPoints } from '../../core/program/format-points.ts';
import { hasCaps, type Rule } from '../../core/program/rule.ts';
import { stairOf } from '../../core/program/stair.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';
import type { Version } from '../../core/version/version.ts';
import type { CountingEater } from '../context/household-context.ts';
import { Modal } from './modal.tsx';

const LazyStairChart = lazy(() => import('./stair-chart.tsx'));

interface ExplainDialogProps {
  readonly version: Version;
  readonly count: VersionCount;
  readonly eater: CountingEater;
  readonly onClose: () => void;
}

const WAY_WORDS = {
  ingredients: 'ingredients added, rounded once',
  serving: 'the finished serving through the rule',
  items: 'each line rounded, then added',
} as const;

const FROM_WORDS = {
  weight: 'weight as written',
  measure: 'household measure',
  count: 'pieces',
  package: 'package size',
  density: 'volume by density',
  estimate: 'estimate',
} as const;

/** The reason of a number: lines, grams, nutrients, formula, rounding, and where the ways of counting differ. */
export function ExplainDialog({ version, count, eater, onClose }: ExplainDialogProps) {
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
  const nutrients = NUTRIENTS.filter((n) => program.rule.coefficients[n]);
  const sure = certaintyWords(mine);
  const differ = ways.filter((w) => !w.own && w.count.points !== mine.points);
  return (
    <Modal title={`Why ${formatPoints(mine.points)} for ${eater.eater.name}`} onClose={onClose} wide>
      <p>
        {program.name} ({program.mark}) counts {formulaWords(program.rule)}, by {WAY_WORDS[program.by]}.
        {hasCaps(program.rule) && ' Some nutrients are capped.'}
      </p>
      <div className="mt-3 overflow-x-auto">
        <table className="w-full min-w-[38rem] text-left text-sm">
          <thead>
            <tr className="border-ink border-b text-soft">
              <th scope="col" className="py-1 pr-2 font-normal">
                Line, a serving's share
              </th>
              <th scope="col" className="px-2 text-right font-normal">
                points
              </th>
              <th scope="col" className="px-2 text-right font-normal">
                grams
              </th>
              {nutrients.map((n) => (
                <th key={n} scope="col" className="px-2 text-right font-normal">
                  {NUTRIENT_WORDS[n].name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {mine.lines.map((l) => {
              const line = count.lines.find((x) => x.id === l.id)!;
              const written = version.lines.find((x) => x.id === l.id);
              const explained = explanation.lines.find((x) => x.id === l.id)!;
              return (
                <tr key={l.id} className="border-rule border-b align-top">
                  <th scope="row" className="py-1.5 pr-2 font-normal">
                    {l.label}
                    <span className="block text-soft text-xs">
                      {[
                        l.uncounted ? `uncounted: ${l.uncounted}` : l.counts,
                        l.pinned ? 'by the points you know' : null,
                        l.open ? 'open: not counted yet' : null,
                        written?.food.kind === 'nothing' ? written.food.why : null,
                        written?.weight ? FROM_WORDS[written.weight.from] : null,
                        line.parts.length === 1 ? `${line.parts[0]!.food.name}, ${line.parts[0]!.food.source}` : null,
                      ]
                        .filter(Boolean)
                        .join(' · ')}
                    </span>
                  </th>
                  <td className="px-2 py-1.5 text-right font-semibold">{l.raw.toFixed(2)}</td>
                  <td className="px-2 py-1.5 text-right">{explained.grams > 0 ? trimmed(explained.grams, 1) : ''}</td>
                  {nutrients.map((n) => (
                    <td key={n} className={`px-2 py-1.5 text-right ${l.uncounted ? 'text-soft line-through' : ''}`}>
                      {line.parts.length === 0 ? '' : cell(explained.nutrition[n].value)}
                    </td>
                  ))}
                </tr>
              );
            })}
          </tbody>
          <tfoot>
            <tr>
              <th scope="row" className="py-2 pr-2">
                Together
              </th>
              <td colSpan={nutrients.length + 2} className="pl-2">
                <strong>{mine.raw.toFixed(4)}</strong>, {roundingWords(program.rule)} →{' '}
                <strong>{formatPoints(mine.points)}</strong>
                {sure && <span className="text-mustard"> ({sure})</span>}
              </td>
            </tr>
          </tfoot>
        </table>
      </div>
      <FormulaLine explanation={explanation} rule={program.rule} />
      <h3 className="mt-4 text-lg">The three ways of counting</h3>
      <ul className="mt-1 space-y-1.5">
        {ways.map((w) => (
          <li key={w.way}>
            <strong>{formatPoints(w.count.points)}</strong> by {WAY_WORDS[w.way]} ({w.count.raw.toFixed(2)})
            {w.own && <span className="tag ml-2">{program.mark} counts this way</span>}
            {!w.own && w.causes.length > 0 && w.count.points !== mine.points && (
              <span className="block text-sm text-soft">
                because of{' '}
                {w.causes
                  .slice(0, 4)
                  .map(
                    (c) =>
                      `${c.label} (${c.difference > 0 ? '+' : '−'}${Math.abs(c.difference).toFixed(2)}, ${c.words})`,
                  )
                  .join('; ')}
              </span>
            )}
          </li>
        ))}
      </ul>
      {differ.length === 0 && <p className="mt-1 text-sm text-soft">Here all three come to the same points.</p>}
      <h3 className="mt-4 text-lg">The stair: points against the portion</h3>
      <Suspense fallback={<p className="h-56 text-soft">Drawing…</p>}>
        <LazyStairChart stair={stair} points={mine.points} servingGrams={count.servingGrams} />
      </Suspense>
    </Modal>
  );
}

const cell = (value: number | null): string => (value === null ? 'unknown' : trimmed(value, 1));

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

function roundingWords(rule: Rule): string {
  const step = rule.step === 1 ? 'whole point' : 'half point';
  return rule.rounding === 'nearest' ? `to the nearest ${step}` : `${rule.rounding} to a ${step}`;
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
