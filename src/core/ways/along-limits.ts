import type { LineChoices } from './line-choices.ts';
import type { ModelLimit } from './model-limit.ts';

/** A choice that takes other lines along needs them as they are: what it does to them is counted in it. */
export const alongLimits = (choices: readonly LineChoices[]): ModelLimit[] =>
  choices.flatMap((line) =>
    line.choices
      .filter((c) => c.along.length > 0)
      .map(
        (taker): ModelLimit => ({
          most: taker.along.length,
          of: (c) => {
            if (c === taker) return taker.along.length;
            return taker.along.includes(c.lineId) && c.kind !== 'stay' ? 1 : 0;
          },
          why: 'Two swaps want the same line.',
        }),
      ),
  );
