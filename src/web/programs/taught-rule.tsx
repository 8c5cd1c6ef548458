import { NUTRIENT_WORDS } from '../../core/food/nutrients.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { ruleWords } from '../../core/program/program-words.ts';
import type { Rule } from '../../core/program/rule.ts';
import type { TaughtFrom } from '../../core/program/taught-from.ts';
import type { Interval } from '../../core/quantity/interval.ts';
import type { Taught } from '../../core/teach/teach.ts';

interface TaughtRuleProps {
  readonly taught: Taught;
  readonly onTake: (rule: Rule, from: TaughtFrom | null) => void;
  /** Puts the foods that the program seems not to count on its list; null where they are no foods of the pantry. */
  readonly onUncounted: (() => void) | null;
}

const plain = (x: number): string => Number(x.toPrecision(3)).toString().replace('-', '−');

const MOST_ODD_SETS = 5;
const spanOf = ({ low, high }: Interval): string =>
  low === high ? formatPoints(low) : `${formatPoints(low)} to ${formatPoints(high)}`;

/** What was learnt: a rule that would do, how much freedom is left, and what does not fit. */
export function TaughtRule({ taught, onTake, onUncounted }: TaughtRuleProps) {
  const { explanation, terms, modes, caps, oddOnesOut, wouldBe, uncounted } = taught;
  return (
    <section aria-label="What was learnt" className="panel p-4">
      <h2 className="text-lg">What was learnt</h2>
      {oddOnesOut.length > 0 && (
        <div className="note mt-2" role="alert">
          <p className="font-semibold">
            {explanation === null ? 'No rule fits these points.' : 'No rule fits all of these points.'} Look up again:
          </p>
          <ul className="list-disc pl-5">
            {oddOnesOut.slice(0, MOST_ODD_SETS).map((set, i) => (
              <li key={set.join(' ')}>
                {set.map((name, j) => `${name}, which would have to be ${spanOf(wouldBe[i]![j]!)}`).join('; and ')}
              </li>
            ))}
          </ul>
        </div>
      )}
      {explanation === null && oddOnesOut.length === 0 && (
        <p className="note mt-2" role="alert">
          No rule of this kind fits these points: too many of them contradict each other. Check a few, or whether they
          are all from one program.
        </p>
      )}
      {uncounted.length > 0 && (
        <div className="mt-2">
          <p>
            Not counted by the program, it seems: <strong>{uncounted.join(', ')}</strong>.
          </p>
          {onUncounted && (
            <button type="button" className="btn btn-small mt-1" onClick={onUncounted}>
              Put them on its list
            </button>
          )}
        </div>
      )}
      {explanation !== null && (
        <>
          <p className="mt-2">A rule that would do: {ruleWords(explanation.rule)}</p>
          <details className="mt-2">
            <summary className="cursor-pointer py-1 underline decoration-rule underline-offset-4">
              How free it still is
            </summary>
            <ul className="mt-1 text-sm">
              {terms.map((t) => (
                <li key={t.nutrient} className="flex justify-between gap-3 border-rule border-b py-1">
                  <span>{NUTRIENT_WORDS[t.nutrient].name}</span>
                  <span className="text-soft">
                    {plain(t.min)} to {plain(t.max)}
                    {t.min > 0 || t.max < 0 ? '' : ', or not at all'}
                  </span>
                </li>
              ))}
            </ul>
            <p className="mt-1 text-sm text-soft">
              {modes.length === 1
                ? `Rounded ${modes[0]!.rounding === 'nearest' ? 'to the nearest' : modes[0]!.rounding}, in ${modes[0]!.step === 1 ? 'whole' : 'half'} points, for certain.`
                : `${modes.length} ways of rounding still fit.`}{' '}
              {caps.length === 1 && caps[0] === null
                ? 'Nothing is capped.'
                : caps.every((c) => c !== null)
                  ? `Something is capped: ${caps.map((c) => `${NUTRIENT_WORDS[c!.nutrient].name} at ${c!.most} g`).join(', or ')}.`
                  : 'Whether fibre or protein is capped cannot be told yet.'}
            </p>
          </details>
          {explanation.others.length > 0 && (
            <details className="mt-1">
              <summary className="cursor-pointer py-3 underline decoration-rule underline-offset-4">
                Others would do as well ({explanation.others.length})
              </summary>
              <ul>
                {explanation.others.map((o) => (
                  <li key={o.nutrients.join(' ')} className="border-rule border-b py-2 text-sm">
                    {ruleWords(o.rule)}
                    <button
                      type="button"
                      className="btn btn-small mt-1 block"
                      onClick={() => onTake(o.rule, taught.evidence)}
                    >
                      Make it this one
                    </button>
                  </li>
                ))}
              </ul>
            </details>
          )}
          <button type="button" className="btn btn-main mt-3" onClick={() => onTake(explanation.rule, taught.evidence)}>
            Make it the rule of this program
          </button>
        </>
      )}
    </section>
  );
}
