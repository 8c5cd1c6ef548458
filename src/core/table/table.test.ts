import { describe, expect, it } from 'vitest';
import { sample } from '../../../tests/support/test-lines.ts';
import { countersAt, type Eater, programsInUse } from './table.ts';

const [LE, HA] = [sample('LE'), sample('HA')];
const eater = (id: string, programId: string | null, rest: Partial<Eater> = {}): Eater => ({
  id,
  name: id,
  programId,
  exceptions: [],
  allowance: null,
  allergies: [],
  avoids: [],
  ratherNot: [],
  notOnTop: [],
  standing: [],
  ...rest,
});
const pins = [{ programId: HA.id, foodId: 'bread', points: 3, grams: 50 }];

describe('who counts at the table', () => {
  it('is everyone with a program that there is, in the order of the household', () => {
    const exceptions = [{ foodId: 'egg', uncounted: true }];
    const eaters = [
      eater('Ada', HA.id, { exceptions }),
      eater('Ben', null),
      eater('Cleo', 'a program that is gone'),
      eater('Dora', LE.id),
    ];
    const counting = countersAt({ eaters, programs: [LE, HA], pins });
    expect(counting.map((c) => [c.key, c.program.mark])).toEqual([
      ['Ada', 'HA'],
      ['Dora', 'LE'],
    ]);
    expect(counting[0]!.counter).toEqual({ program: HA, exceptions, pins });
  });

  it('is every program for itself where nobody counts yet', () => {
    const counting = countersAt({ eaters: [eater('Ben', null)], programs: [LE, HA], pins });
    expect(counting.map((c) => c.key)).toEqual([LE.id, HA.id]);
    expect(counting[0]).toMatchObject({
      eater: { id: LE.id, name: LE.name, allergies: [], avoids: [], ratherNot: [], notOnTop: [] },
      counter: { program: LE, exceptions: [], pins },
    });
  });
});

describe('the programs in use', () => {
  it('are those that somebody counts by, each once, and all where nobody does', () => {
    const eaters = [eater('Ada', HA.id), eater('Ben', null), eater('Dora', HA.id)];
    expect(programsInUse({ eaters, programs: [LE, HA] })).toEqual([HA]);
    expect(programsInUse({ eaters: [eater('Ben', null)], programs: [LE, HA] })).toEqual([LE, HA]);
  });
});
