import { Check, Scale } from 'lucide-react';
import { Checkbox } from 'radix-ui';
import type { Cook } from '../../core/cook/cook.ts';
import { formatGrams } from '../../core/quantity/format-amount.ts';
import { amountApart } from '../../core/stove/amount-apart.ts';
import type { StepAtStove, StepUse } from '../../core/stove/steps-at-stove.ts';
import { tickOf } from '../../core/stove/tick.ts';
import type { Version } from '../../core/version/version.ts';

interface StepLinesProps {
  readonly cook: Cook;
  readonly version: Version;
  readonly step: StepAtStove;
  readonly onTick: (use: StepUse, ticked: boolean) => void;
  readonly onWeigh: (use: StepUse) => void;
}

/** What goes in at a step: each line ticks off, and can be weighed in. */
export function StepLines({ cook, version, step, onTick, onWeigh }: StepLinesProps) {
  if (step.uses.length === 0) return null;
  return (
    <ul aria-label="What goes in" className="mt-4 border-rule border-t">
      {step.uses.map((use) => {
        const line = version.lines.find((l) => l.id === use.lineId);
        const ticked = cook.ticks[tickOf(step.step.id, use.originLineId)] === true;
        const weighed = cook.weighed[use.originLineId];
        const { amount, rest } = amountApart(use.words, line?.item ?? '');
        return (
          <li key={use.lineId} className="flex items-stretch border-rule border-b">
            <Checkbox.Root
              checked={ticked}
              className={`flex min-h-14 min-w-0 flex-1 items-center gap-3 py-2 text-left text-lg sm:text-xl ${ticked ? 'text-soft' : ''}`}
              onCheckedChange={(is) => onTick(use, is === true)}
            >
              <span
                aria-hidden="true"
                className={`grid size-7 shrink-0 place-items-center rounded-md border-2 ${ticked ? 'border-beet bg-beet text-on-beet' : 'border-ink'}`}
              >
                {ticked && <Check size={20} />}
              </span>
              <span className="min-w-0 flex-1 [overflow-wrap:anywhere]" dir="auto">
                {amount !== '' && <strong className="mr-2 font-head">{amount}</strong>}
                {rest}
                {use.share < 1 - 1e-9 && <span className="text-base text-soft"> (divided)</span>}
              </span>
              {weighed !== undefined && (
                <span className="shrink-0 text-base text-soft">
                  {use.share < 1 - 1e-9 ? 'weighed' : `on the scale: ${formatGrams(weighed)}`}
                </span>
              )}
            </Checkbox.Root>
            {use.grams !== null && (
              <button
                type="button"
                className="grid min-w-14 place-items-center text-beet"
                aria-label={`Weigh in: ${use.words}`}
                onClick={() => onWeigh(use)}
              >
                <Scale size={24} aria-hidden="true" />
              </button>
            )}
          </li>
        );
      })}
    </ul>
  );
}
