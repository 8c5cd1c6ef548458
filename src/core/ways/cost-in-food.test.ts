import { expect, it } from 'vitest';
import { counterOf, sample } from '../../../tests/support/test-lines.ts';
import { readVersion } from '../../../tests/support/test-version.ts';
import { testAim, testChoiceContext } from '../../../tests/support/test-ways.ts';
import { SWAPS } from '../swap/library.ts';
import { costInFood } from './cost-in-food.ts';
import { LEAVE_OUT } from './line-choices.ts';
import { benchOf } from './search-model.ts';
import { stairOfWays } from './stair-of-ways.ts';

const bench = benchOf(
  readVersion(['1 kg potatoes', '300 ml heavy cream', '150 g Gruyère, grated', '50 g walnuts'], {
    servings: 6,
    steps: [{ id: 's1', text: 'Layer and bake. Scatter the walnuts over it.' }],
  }),
  testChoiceContext([counterOf(sample('LE'))]),
);
const stair = stairOfWays(bench, testAim([null]), 0, {});

it('says a swap by its name, what buys most first', () => {
  for (const { way } of stair.treads) {
    const said = costInFood(way.changes, bench.choices, SWAPS);
    expect(said).toHaveLength(way.changes.length);
    const buys = way.changes.map((c) => bench.choices.find((l) => l.lineId === c.lineId)!.asIs.raw[0]! - c.raw[0]!);
    const most = way.changes[buys.indexOf(Math.max(...buys))];
    const swap = SWAPS.find((s) => s.id === most?.swapId);
    if (swap) expect(said[0]).toBe(swap.name);
  }
});

it('says what is left out, without its amount', () => {
  const walnuts = bench.choices.find((l) => l.item.includes('walnut'))!;
  const gone = { ...walnuts.asIs, swapId: LEAVE_OUT, kind: 'leaveOut' as const, to: 'nothing' };
  expect(costInFood([gone], bench.choices, SWAPS)).toEqual(['no walnuts']);
});
