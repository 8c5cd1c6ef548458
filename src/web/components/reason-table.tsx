import type { VersionCount } from '../../core/counting/count-version.ts';
import { NUTRIENT_WORDS, NUTRIENTS } from '../../core/food/nutrients.ts';
import type { Count } from '../../core/program/count.ts';
import type { Explanation } from '../../core/program/explain-count.ts';
import { certaintyWords, formatPoints } from '../../core/program/format-points.ts';
import type { Rule } from '../../core/program/rule.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';
import type { Version } from '../../core/version/version.ts';

const FROM_WORDS = {
  weight: 'weight as written',
  measure: 'household measure',
  count: 'pieces',
  package: 'package size',
  density: 'volume by density',
  estimate: 'estimate',
} as const;

interface ReasonTableProps {
  readonly version: Version;
  readonly count: VersionCount;
  /** The count that is explained. */
  readonly mine: Count;
  readonly explanation: Explanation;
  readonly rule: Rule;
}

/** Each line with its points, grams and the nutrients that the rule asks for; what is uncounted is struck out. */
export function ReasonTable({ version, count, mine, explanation, rule }: ReasonTableProps) {
  const nutrients = NUTRIENTS.filter((n) => rule.coefficients[n]);
  const sure = certaintyWords(mine);
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls sideways on a phone has to be reached by its keys
    <section aria-label="The reasons, line by line" tabIndex={0} className="mt-3 overflow-x-auto">
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
              <strong>{mine.raw.toFixed(4)}</strong>, {roundingWords(rule)} →{' '}
              <strong>{formatPoints(mine.points)}</strong>
              {sure && <span className="text-mustard"> ({sure})</span>}
            </td>
          </tr>
        </tfoot>
      </table>
    </section>
  );
}

const cell = (value: number | null): string => (value === null ? 'unknown' : trimmed(value, 1));

function roundingWords(rule: Rule): string {
  const step = rule.step === 1 ? 'whole point' : 'half point';
  return rule.rounding === 'nearest' ? `to the nearest ${step}` : `${rule.rounding} to a ${step}`;
}
