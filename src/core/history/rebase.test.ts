import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { testRecipeLine, testVersion } from '../../../tests/support/test-version.ts';
import { EATER_KIND, FEAST_KIND } from '../documents/document-kinds.ts';
import { TRIP_KIND } from '../documents/week-kinds.ts';
import type { Feast } from '../feast/feast.ts';
import type { Trip } from '../shopping/trip.ts';
import type { Eater } from '../table/table.ts';
import { type Change, lineChange, VERSION_KIND } from '../version/entry.ts';
import type { Version } from '../version/version.ts';
import type { Entry } from './entry.ts';
import { historyOf } from './history.ts';
import { applyExactly, invertAll, overwrite, rebase } from './rebase.ts';
import { same } from './same.ts';

const entry = <C>(changes: readonly C[], id = 'e1', undoes: string | null = null): Entry<C> => ({
  id,
  label: id,
  changes,
  undoes,
});
const anna: Eater = {
  id: 'anna',
  name: 'Anna',
  programId: null,
  exceptions: [{ foodId: 'egg', uncounted: true }],
  allowance: null,
  allergies: ['milk'],
  avoids: ['liver'],
  ratherNot: [],
  notOnTop: [],
  standing: [],
};

describe('an entry on a newer document', () => {
  const base: Version = {
    ...testVersion(['a', 'b']),
    steps: [
      { id: 's1', text: 'Mix.' },
      { id: 's2', text: 'Bake.' },
    ],
  };
  const servings = (before: number | null, after: number | null): Change => ({ kind: 'servings', before, after });

  it('holds without a question where nobody else touched the same', () => {
    const theirs = VERSION_KIND.apply(base, servings(4, 9));
    const mine = entry([lineChange(base, 'a', { ...base.lines[0]!, kept: true })]);
    const rebased = rebase(VERSION_KIND, theirs, mine);
    expect(rebased).toMatchObject({ fits: true, document: { servings: 9 } });
    expect(rebased.fits && rebased.document.lines[0]!.kept).toBe(true);
  });
  it('asks, and says what differs, where both changed the same', () => {
    const theirs = VERSION_KIND.apply(base, servings(4, 9));
    expect(rebase(VERSION_KIND, theirs, entry([servings(4, 6)]))).toEqual({
      fits: false,
      differences: [{ what: 'servings', here: '6', there: '9' }],
    });
  });
  it('is nothing where what it wants is there already', () => {
    const theirs = VERSION_KIND.apply(base, servings(4, 6));
    expect(rebase(VERSION_KIND, theirs, entry([servings(4, 6)]))).toEqual({
      fits: true,
      document: theirs,
      entry: null,
    });
  });
  it('says of a line that is gone that it is gone', () => {
    const theirs = VERSION_KIND.apply(base, lineChange(base, 'a', null));
    const mine = entry([lineChange(base, 'a', { ...base.lines[0]!, kept: true })]);
    expect(rebase(VERSION_KIND, theirs, mine)).toMatchObject({
      fits: false,
      differences: [{ what: 'a', there: 'gone' }],
    });
  });
  it('keeps a step that another device changed beside the one changed here', () => {
    const other = [{ id: 's1', text: 'Mix well.' }, base.steps[1]!, { id: 's3', text: 'Cool.' }];
    const theirs = { ...base, steps: other };
    const mine: Change = {
      kind: 'steps',
      before: base.steps,
      after: [base.steps[0]!, { id: 's2', text: 'Bake long.' }],
    };
    const rebased = rebase(VERSION_KIND, theirs, entry([mine]));
    expect(rebased.fits && rebased.document.steps.map((s) => s.text)).toEqual(['Mix well.', 'Bake long.', 'Cool.']);
    const clash: Change = { ...mine, after: [{ id: 's1', text: 'Fold.' }, base.steps[1]!] };
    expect(rebase(VERSION_KIND, theirs, entry([clash]))).toMatchObject({
      fits: false,
      differences: [{ what: 'the steps', here: '"Fold."', there: '"Mix well."' }],
    });
  });
  it('holds over the other when the cook says so', () => {
    const theirs = VERSION_KIND.apply(base, servings(4, 9));
    const mine = overwrite(VERSION_KIND, theirs, entry([servings(4, 6)]))!;
    expect(mine.changes).toEqual([servings(9, 6)]);
    expect(rebase(VERSION_KIND, theirs, mine)).toMatchObject({ fits: true, document: { servings: 6 } });
  });
});

describe('ticks of a shopping list', () => {
  const trip: Trip = {
    id: 't',
    name: 'Saturday',
    from: '2026-11-28',
    to: '2026-12-04',
    made: '2026-11-28T08:00:00.000Z',
    items: [],
    ticks: {},
    done: null,
    home: [],
  };
  it('end the same in whatever order they are heard: of each thing the later one holds', () => {
    const tick = fc.record({
      thing: fc.constantFrom('leeks', 'milk'),
      on: fc.boolean(),
      minute: fc.integer({ min: 10, max: 59 }),
    });
    fc.assert(
      fc.property(
        fc.uniqueArray(tick, { selector: (t) => t.minute, maxLength: 8 }),
        fc.infiniteStream(fc.nat()),
        (ticks, luck) => {
          const shuffled = ticks
            .map((t) => ({ t, by: luck.next().value as number }))
            .sort((a, b) => a.by - b.by)
            .map((x) => x.t);
          const end = shuffled.reduce((document, t) => {
            // Each was made on the empty list: a phone that was off line has heard of none of the others.
            const after = { on: t.on, at: `2026-11-28T09:${t.minute}:00.000Z` };
            const rebased = rebase(TRIP_KIND, document, entry([{ kind: 'field', path: ['ticks', t.thing], after }]));
            if (!rebased.fits) throw new Error('a tick was asked about');
            return rebased.document;
          }, trip);
          for (const thing of ['leeks', 'milk']) {
            const last = ticks
              .filter((t) => t.thing === thing)
              .sort((a, b) => a.minute - b.minute)
              .at(-1);
            expect(end.ticks[thing]?.on).toBe(last?.on);
          }
        },
      ),
    );
  });
});

describe('fields', () => {
  it('of a set come and go one by one: a new name does not undo an allergy', () => {
    const ticked = applyExactly(
      EATER_KIND,
      anna,
      entry(EATER_KIND.changes(anna, { ...anna, allergies: ['milk', 'peanuts'] })),
    );
    const renamed = rebase(EATER_KIND, ticked, entry(EATER_KIND.changes(anna, { ...anna, name: 'Ann' })));
    expect(renamed).toMatchObject({ fits: true, document: { name: 'Ann', allergies: ['milk', 'peanuts'] } });
    const both = rebase(EATER_KIND, ticked, entry(EATER_KIND.changes(anna, { ...anna, allergies: ['milk', 'soy'] })));
    expect(both.fits && both.document.allergies).toEqual(['milk', 'peanuts', 'soy']);
  });
  const feast: Feast = {
    id: 'f',
    name: 'Supper',
    day: null,
    guests: [],
    bought: [],
    people: 4,
    dishes: [{ recipeId: 'soup', versionId: 'v1', portions: { anna: 1 }, mostDeparture: null }],
    targets: {},
    revision: 1,
  };
  const dish = feast.dishes[0]!;
  it('of a list and of a record are told apart: two portions of one dish need no question', () => {
    const other = { ...feast, dishes: [{ ...dish, portions: { anna: 1, bert: 2 } }], targets: { bert: 9 } };
    const mine = FEAST_KIND.changes(feast, { ...feast, dishes: [{ ...dish, portions: { anna: 0.5 } }] });
    expect(mine).toEqual([{ kind: 'field', path: ['dishes', 'soup', 'portions', 'anna'], before: 1, after: 0.5 }]);
    const rebased = rebase(FEAST_KIND, other, entry(mine));
    expect(rebased.fits && rebased.document.dishes[0]!.portions).toEqual({ anna: 0.5, bert: 2 });
    expect(rebase(FEAST_KIND, { ...feast, dishes: [] }, entry(mine)).fits).toBe(false);
  });
  it('that are taken away are turned round to where they were', () => {
    const without = { ...feast, dishes: [] };
    const changes = FEAST_KIND.changes(feast, without);
    const back = applyExactly(FEAST_KIND, without, entry(invertAll(FEAST_KIND, changes)));
    expect(back).toEqual(feast);
  });
  it('are only those of the shape: what is no field is refused', () => {
    const stray = { kind: 'field' as const, path: ['__proto__', 'polluted'], after: true };
    expect(() => FEAST_KIND.apply(feast, stray)).toThrow(/no place/);
    expect(() => FEAST_KIND.apply(feast, { kind: 'field', path: ['revision'], before: 1, after: 9 })).toThrow();
    expect(({} as { polluted?: boolean }).polluted).toBeUndefined();
  });

  const eaters: fc.Arbitrary<Eater> = fc.record({
    id: fc.constant('anna'),
    name: fc.constantFrom('Anna', 'Ann', 'Anja'),
    programId: fc.constantFrom(null, 'program-ledger', 'program-harvest'),
    exceptions: fc.uniqueArray(
      fc.record({ foodId: fc.constantFrom('egg', 'butter', 'oil'), uncounted: fc.boolean() }),
      {
        selector: (x) => x.foodId,
      },
    ),
    allowance: fc.constantFrom(null, 20, 31),
    allergies: fc.uniqueArray(fc.constantFrom('milk' as const, 'egg' as const, 'soy' as const)),
    avoids: fc.uniqueArray(fc.constantFrom('liver', 'okra')),
    ratherNot: fc.uniqueArray(fc.constantFrom('tripe', 'okra')),
    notOnTop: fc.uniqueArray(fc.constantFrom('cheddar', 'dill')),
    standing: fc.constant([]),
  });
  const sorted = (e: Eater) => ({
    ...e,
    allowance: null,
    allergies: [...e.allergies].sort(),
    avoids: [...e.avoids].sort(),
    ratherNot: [...e.ratherNot].sort(),
    notOnTop: [...e.notOnTop].sort(),
    exceptions: [...e.exceptions].sort((a, b) => a.foodId.localeCompare(b.foodId)),
  });
  it('lead from any document to any other, and back', () => {
    fc.assert(
      fc.property(eaters, eaters, (a, b) => {
        const changes = EATER_KIND.changes(a, b);
        const there = applyExactly(EATER_KIND, a, entry(changes));
        expect(sorted(there)).toEqual(sorted(b));
        expect(sorted(applyExactly(EATER_KIND, there, entry(invertAll(EATER_KIND, changes))))).toEqual(sorted(a));
      }),
    );
  });
  it('of two devices are both there afterwards, or there is a question', () => {
    fc.assert(
      fc.property(eaters, eaters, eaters, (base, left, right) => {
        const theirs = applyExactly(EATER_KIND, base, entry(EATER_KIND.changes(base, left)));
        const mine = EATER_KIND.changes(base, right);
        const rebased = rebase(EATER_KIND, theirs, entry(mine));
        if (!rebased.fits) {
          expect(rebased.differences.length).toBeGreaterThan(0);
          return;
        }
        for (const change of [...mine, ...EATER_KIND.changes(base, left)])
          expect(EATER_KIND.standing(rebased.document, change)).toBe('after');
      }),
    );
  });
});

describe('the tail of a long history', () => {
  const step = (id: string, undoes: string | null = null) => entry<Change>([], id, undoes);
  it('passes over what turns round an entry from before it', () => {
    const all = [step('1'), step('2'), step('u2', '2'), step('3'), step('u3', '3')];
    expect(historyOf(all)).toMatchObject({ undo: { id: '1' }, redo: { id: 'u3' } });
    expect(historyOf(all.slice(2))).toMatchObject({ undo: null, redo: { id: 'u3' } });
  });
});

describe('the same', () => {
  it('goes by what is there and not by the order of keys', () => {
    expect(same({ a: 1, b: [1, { c: null }] }, { b: [1, { c: null }], a: 1, d: undefined })).toBe(true);
    expect(same([1, 2], [2, 1])).toBe(false);
    expect(same(null, undefined)).toBe(false);
    expect(same(testRecipeLine('a'), { ...testRecipeLine('a') })).toBe(true);
    expect(same([], {})).toBe(false);
  });
});

describe('a field that was not there', () => {
  const feast = (portions: Record<string, number>, note?: string): Feast => ({
    ...({
      id: 'f',
      name: 'Supper',
      date: null,
      targets: {},
      revision: 0,
      createdAt: '2026-01-01T00:00:00Z',
    } as unknown as Feast),
    ...(note === undefined ? {} : { note }),
    dishes: [{ recipeId: 'r', versionId: 'v', portions, mostDeparture: null }],
  });
  it('is a change of its own, and goes again when it is turned round', () => {
    const [was, now] = [feast({ anna: 1 }), feast({ anna: 1, ben: 2 })];
    const changes = FEAST_KIND.changes(was, now);
    expect(changes).toEqual([{ kind: 'field', path: ['dishes', 'r', 'portions', 'ben'], before: undefined, after: 2 }]);
    expect(applyExactly(FEAST_KIND, was, entry(changes)).dishes[0]!.portions).toEqual({ anna: 1, ben: 2 });
    const back = applyExactly(FEAST_KIND, now, entry(invertAll(FEAST_KIND, changes)));
    expect(Object.hasOwn(back.dishes[0]!.portions, 'ben')).toBe(false);
    expect(FEAST_KIND.changes(now, now)).toEqual([]);
  });
});
