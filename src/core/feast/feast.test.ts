import { describe, expect, it } from 'vitest';
import { counterOf, sample, testProgram } from '../../../tests/support/test-lines.ts';
import { kitchenOf, readVersion } from '../../../tests/support/test-version.ts';
import { testAim, testChoiceContext } from '../../../tests/support/test-ways.ts';
import { countVersion } from '../counting/count-version.ts';
import { resolveLines } from '../counting/resolve-lines.ts';
import { count } from '../program/count.ts';
import type { Counter } from '../program/program.ts';
import { roundPoints } from '../program/rule.ts';
import type { Version } from '../version/version.ts';
import { searchBench } from '../ways/find-ways.ts';
import type { ChoiceContext, LineChoice } from '../ways/line-choices.ts';
import { versionAfter } from '../ways/search-model.ts';
import { readWithout } from '../ways/without.ts';
import { countFeast } from './count-feast.ts';
import { portionOf, servingsNeeded, timesToMake } from './feast.ts';
import { type DishOnBench, feastBench } from './feast-model.ts';

/** Line ids differ between the dishes of a table. */
const dish = (id: string, lines: string[], servings: number): Version => {
  const v = readVersion(lines, { id, servings });
  return { ...v, lines: v.lines.map((l) => ({ ...l, id: `${id}-${l.id}`, originLineId: `${id}-${l.id}` })) };
};
const soup = dish('soup', ['500 g beetroot', '100 ml heavy cream', '20 g butter'], 4);
const roast = dish('roast', ['1 kg beef brisket', '2 tbsp lard', '100 g soured cream'], 6);
const LE = counterOf(sample('LE'));
const HA = counterOf(sample('HA'));
const nobody = { allergies: [], avoids: [] };
const context = testChoiceContext([LE, HA]);
const onBench = (version: Version, rest: Partial<DishOnBench> = {}): DishOnBench => ({
  version,
  title: version.id,
  portions: [1, 1],
  mostDeparture: null,
  without: nobody,
  ...rest,
});
describe('portions', () => {
  it('are one when nobody said, and what a feast needs counts the guests', () => {
    const served = { portions: { runa: 2, ida: 0 } };
    expect(portionOf(served, 'runa')).toBe(2);
    expect(portionOf(served, 'juri')).toBe(1);
    expect(servingsNeeded({ people: 14 }, served, ['runa', 'ida', 'juri'])).toBe(2 + 0 + 1 + 11);
    expect(timesToMake(14, 6)).toBeCloseTo(7 / 3, 9);
    expect(timesToMake(14, null)).toBeNull();
    expect(servingsNeeded({ people: 1 }, served, ['runa', 'ida', 'juri'])).toBe(3);
  });
});

describe('a plate of several dishes', () => {
  const raw = (v: Version, c: Counter, portion = 1) =>
    count(resolveLines(v, kitchenOf()), c, { servings: v.servings!, portion }).raw;
  it('is one portion: unrounded points are added and rounded once', () => {
    const { plates } = countFeast(
      [
        { version: soup, portions: [1, 2] },
        { version: roast, portions: [1.5, 0] },
      ],
      kitchenOf(),
      [LE, HA],
    );
    expect(plates[0]!.raw).toBeCloseTo(raw(soup, LE) + raw(roast, LE, 1.5), 9);
    expect(plates[0]!.points).toBe(roundPoints(plates[0]!.raw, LE.program.rule));
    expect(plates[1]!.raw).toBeCloseTo(raw(soup, HA, 2), 9);
    expect(plates[1]!.dishes[1]).toBeNull();
  });
  it('shows what rounding hides: three zeros that make a point', () => {
    // 0.4 raw each: 18 kcal of a rule that counts one point per 45.
    const zero = (id: string) => dish(id, ['4.6 g sugar'], 1);
    const counter = counterOf(testProgram({ coefficients: { kcal: 1 }, per: 45 }));
    const { plates } = countFeast(
      ['a', 'b', 'c'].map((id) => ({ version: zero(id), portions: [1] })),
      kitchenOf(),
      [counter],
    );
    expect(plates[0]!.apart).toBe(0);
    expect(plates[0]!.points).toBe(1);
  });
  it('adds what each comes to where items are rounded', () => {
    const items = counterOf({ ...sample('LE'), by: 'items' });
    const served = [soup, roast].map((version) => ({ version, portions: [1] }));
    const { plates } = countFeast(served, kitchenOf(), [items]);
    expect(plates[0]!.points).toBe(plates[0]!.apart);
  });
  it('has the calories, the protein and the weight of one of each', () => {
    const served = [soup, roast].map((version) => ({ version, portions: [1] }));
    const { kcal, protein, grams } = countFeast(served, kitchenOf(), [LE]);
    const each = [soup, roast].map((v) => countVersion(v, kitchenOf(), []));
    expect(kcal).toBeCloseTo(
      each.reduce((s, c) => s + c.perServing.kcal.value!, 0),
      6,
    );
    expect(protein).toBeCloseTo(
      each.reduce((s, c) => s + c.perServing.protein.value!, 0),
      6,
    );
    expect(grams).toBeCloseTo(
      each.reduce((s, c) => s + c.servingGrams, 0),
      6,
    );
  });
  it('is complete only when every dish on it is', () => {
    const open = { ...soup, lines: [{ ...soup.lines[0]!, food: { kind: 'open' } as const }] };
    const at = (portion: number) =>
      countFeast([{ version: open, portions: [portion] }], kitchenOf(), [LE]).plates[0]!.complete;
    expect(at(1)).toBe(false);
    expect(at(0)).toBe(true);
  });
});

describe('ways for a whole menu', () => {
  const dishes = [onBench(soup, { portions: [1, 2] }), onBench(roast, { portions: [1, 0.5] })];
  const bench = feastBench(dishes, [LE, HA], context);
  /** What every set of choices comes to, counted by the engine, not by the sums of the search. */
  const tryAll = (of: readonly DishOnBench[], fits: (points: number[], departures: number[]) => boolean) => {
    const { choices } = feastBench(of, [LE, HA], context);
    const contexts = of.map((d): ChoiceContext => ({ ...context, counters: [LE, HA], without: d.without }));
    let best: number | null = null;
    const step = (i: number, picked: LineChoice[], departure: number): void => {
      if (best !== null && departure >= best - 1e-9) return;
      if (i < choices.length) {
        for (const c of choices[i]!.choices)
          step(i + 1, c.kind === 'stay' ? picked : [...picked, c], departure + c.departure);
        return;
      }
      const mine = of.map((d) => picked.filter((c) => d.version.lines.some((l) => l.id === c.lineId)));
      const { plates } = countFeast(
        of.map((d, n) => ({ version: versionAfter(d.version, mine[n]!, contexts[n]!), portions: d.portions })),
        kitchenOf(),
        [LE, HA],
      );
      const departures = mine.map((cs) => cs.reduce((s, c) => s + c.departure, 0));
      if (
        fits(
          plates.map((p) => p.points),
          departures,
        )
      )
        best = Math.round(departure * 10) / 10;
    };
    step(0, [], 0);
    return best;
  };
  it.each([
    [16, null],
    [12, null],
    [14, 8],
  ] as const)('at most %s and %s points: what trying every set of choices finds', (le, ha) => {
    const found = searchBench(bench, testAim([le, ha]), { frontierOf: null });
    const wanted = tryAll(dishes, (p) => p[0]! <= le && (ha === null || p[1]! <= ha));
    expect(found.ways[0]?.departure ?? null).toBe(wanted);
    expect(found.proved).toBe(true);
  });
  it('recounts every way over the whole plate', () => {
    const { ways, frontier } = searchBench(bench, testAim([14, null]), { frontierOf: 0 });
    for (const w of [...ways, ...frontier.map((f) => f.way)]) {
      const again = bench.recount(w.changes);
      expect(w.points).toEqual(again.points);
      expect(w.kcal).toBe(again.kcal);
    }
    expect(frontier.length).toBeGreaterThan(2);
  });
  it('moves a dish no farther than it may, and not at all where it stays', () => {
    const gentle = [onBench(soup), onBench(roast, { mostDeparture: 8 })];
    const moved = (answer: ReturnType<typeof searchBench>, v: Version): number =>
      answer.ways[0]!.changes.filter((c) => v.lines.some((l) => l.id === c.lineId)).reduce(
        (s, c) => s + c.departure,
        0,
      );
    const target = 13;
    const free = searchBench(feastBench([onBench(soup), onBench(roast)], [LE, HA], context), testAim([target]), {
      frontierOf: null,
    });
    const held = searchBench(feastBench(gentle, [LE, HA], context), testAim([target]), { frontierOf: null });
    expect(moved(held, roast)).toBeLessThanOrEqual(8);
    expect(held.ways[0]!.departure).toBe(tryAll(gentle, (p, d) => p[0]! <= target && d[1]! <= 8));
    expect(held.ways[0]!.departure).toBeGreaterThanOrEqual(free.ways[0]!.departure);
    const still = [onBench(soup), onBench(roast, { mostDeparture: 0 })];
    const { ways, obstacle } = searchBench(feastBench(still, [LE, HA], context), testAim([6]), { frontierOf: null });
    expect(ways).toEqual([]);
    expect(obstacle!.words.join(' ')).toMatch(/brisket \(kept\)/);
  });
  it('says which dish would have to move farther', () => {
    const tight = [onBench(soup, { mostDeparture: 0 }), onBench(roast, { mostDeparture: 3, title: 'The roast' })];
    const { obstacle } = searchBench(feastBench(tight, [LE, HA], context), testAim([12]), { frontierOf: null });
    expect(obstacle!.words).toContain('The roast would have to move farther than it may.');
  });
  it('keeps from a dish what those who eat of it must not eat, and only from that', () => {
    const loaf = dish('loaf', ['200 g flour', '50 g walnuts'], 8);
    const without = (own: DishOnBench['without']) =>
      searchBench(feastBench([onBench(loaf, { without: own }), onBench(soup)], [LE, HA], context), testAim([50]), {
        frontierOf: null,
      }).ways[0]!.changes.map((c) => c.from);
    expect(without(readWithout(['nuts']))).toEqual(['50 g walnuts']);
    expect(without(nobody)).toEqual([]);
  });
});
