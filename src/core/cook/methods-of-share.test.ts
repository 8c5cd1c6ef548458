import { describe, expect, it } from 'vitest';
import { sample } from '../../../tests/support/test-lines.ts';
import { kitchenOf, readVersion } from '../../../tests/support/test-version.ts';
import { countVersion } from '../counting/count-version.ts';
import { plainCounter } from '../program/program.ts';
import { rawOf, roundPoints } from '../program/rule.ts';
import { countShare, wholeOf } from './count-share.ts';
import { freeze } from './freeze.ts';
import { methodsOfShare } from './methods-of-share.ts';

describe('the three ways to count a plate', () => {
  const program = sample('LE');
  const eaters = [{ key: 'le', program, counter: plainCounter(program) }];
  const counted = countVersion(
    readVersion(['600 g ground turkey', '400 g spinach', '200 g rice', '30 g butter'], { servings: 4 }),
    kitchenOf(),
    [eaters[0]!.counter],
  );
  const frozen = freeze(counted, eaters, '2026-11-27T18:00:00Z');
  it('are the count of each, the own one marked', () => {
    const ways = methodsOfShare(frozen, 'le', 1 / 4);
    expect(ways.map((w) => w.by)).toEqual(['ingredients', 'serving', 'items']);
    const own = ways.find((w) => w.own)!;
    expect(own.by).toBe(program.by);
    expect(own.points).toBe(countShare(frozen, 'le', 1 / 4).points);
    // By hand: the finished serving through the rule, whatever its list leaves out.
    const serving = wholeOf(frozen);
    const quarter = Object.fromEntries(
      Object.entries(serving).map(([n, v]) => [n, { ...v, value: v.value === null ? null : v.value / 4 }]),
    ) as typeof serving;
    expect(ways.find((w) => w.by === 'serving')!.points).toBe(roundPoints(rawOf(program.rule, quarter), program.rule));
  });
});
