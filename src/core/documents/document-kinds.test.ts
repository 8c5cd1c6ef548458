import { describe, expect, it } from 'vitest';
import { USUAL_PASS_ON } from '../card/pass-on.ts';
import { newCook } from '../cook/new-cook.ts';
import type { Entry } from '../history/entry.ts';
import type { FieldChange } from '../history/field-change.ts';
import { rebase } from '../history/rebase.ts';
import { newTimer, paused } from '../stove/timer.ts';
import type { Eater } from '../table/table.ts';
import { COOK_KIND, CORRECTION_KIND, EATER_KIND } from './document-kinds.ts';
import { RECIPE_KIND } from './recipe-kind.ts';

const entry = (changes: readonly FieldChange[]): Entry<FieldChange> => ({ id: 'e', label: 'e', changes, undoes: null });
const anna: Eater = {
  id: 'anna',
  name: 'Anna',
  programId: 'program-ledger',
  exceptions: [{ foodId: 'egg', uncounted: true }],
  allowance: null,
  allergies: [],
  avoids: [],
  ratherNot: [],
  notOnTop: [],
  standing: [],
};
/** What the cook is asked when two devices said different things of an eater. */
const asked = (mine: Partial<Eater>, theirs: Partial<Eater>) => {
  const found = rebase(EATER_KIND, { ...anna, ...theirs }, entry(EATER_KIND.changes(anna, { ...anna, ...mine })));
  return found.fits ? null : found.differences;
};

describe('a question between two devices', () => {
  it('names the field and what each of the two says', () => {
    expect(asked({ name: 'Ann' }, { name: 'Anja' })).toMatchObject([{ what: 'the name', here: 'Ann', there: 'Anja' }]);
    expect(asked({ programId: null }, { programId: 'program-harvest' })).toMatchObject([
      { what: 'the program', here: 'does not count', there: 'harvest' },
    ]);
  });
  it('speaks of exceptions as they are shown', () => {
    const counts = [{ foodId: 'egg', uncounted: false }];
    expect(asked({ exceptions: counts }, { exceptions: [] })).toMatchObject([{ what: 'an exception' }]);
  });
  it('is none where both said the same', () => {
    expect(
      asked({ name: 'Ann' }, { name: 'Ann', avoids: ['liver'], ratherNot: [], notOnTop: [], standing: [] }),
    ).toBeNull();
  });
  it('says of a recipe which part of its head it is', () => {
    const head = {
      title: 'Gratin',
      credit: { author: null, url: null, whose: 'family' as const },
      settled: [],
      shownVersionId: null,
      favourite: false,
      claims: [],
      passOn: USUAL_PASS_ON,
    };
    const ask = (mine: object, theirs: object) => {
      const changed = (c: object) => ({ ...head, credit: { ...head.credit, ...c } });
      const found = rebase(RECIPE_KIND, changed(theirs), entry(RECIPE_KIND.changes(head, changed(mine))));
      return found.fits ? null : found.differences.map((d) => d.what);
    };
    expect(ask({ author: 'Rosa' }, { author: 'Rose' })).toEqual(['from whom']);
    expect(ask({ url: 'https://a.example' }, { url: 'https://b.example' })).toEqual(['the link']);
    expect(ask({ whose: 'own' }, { whose: 'other' })).toEqual(['whose it is']);
    const titled = (title: string) => ({ ...head, title });
    const found = rebase(RECIPE_KIND, titled('Bake'), entry(RECIPE_KIND.changes(head, titled('Pie'))));
    expect(found).toMatchObject({ fits: false, differences: [{ what: 'the title', here: '"Pie"', there: '"Bake"' }] });
  });
});

describe('a correction of a food', () => {
  it('lets words of two devices stand side by side', () => {
    const base = { foodId: 'quark', synonyms: ['Topfen'], measures: [] };
    const with_ = (...synonyms: string[]) => ({ ...base, synonyms: ['Topfen', ...synonyms] });
    const mine = CORRECTION_KIND.changes(base, with_('white stuff'));
    const found = rebase(CORRECTION_KIND, with_('curd'), entry(mine));
    expect(found).toMatchObject({ fits: true, document: { synonyms: ['Topfen', 'curd', 'white stuff'] } });
  });
});

describe('a question about what somebody must not eat', () => {
  it('is named as on the card', () => {
    const change: FieldChange = {
      kind: 'member',
      path: ['allergies'],
      member: 'tree-nuts',
      before: false,
      after: true,
    };
    expect(EATER_KIND.differ(anna, change).what).toBe('allergies');
    const field: FieldChange = { kind: 'field', path: ['allergies'], before: undefined, after: 'tree-nuts' };
    expect(EATER_KIND.differ(anna, field).here).toBe('tree nuts');
    const odd: FieldChange = { kind: 'field', path: ['allergies'], before: undefined, after: 'star dust' };
    expect(EATER_KIND.differ(anna, odd).here).toBe('star dust');
    const name: FieldChange = { kind: 'field', path: ['name'], before: 'Anna', after: 'milk' };
    expect(EATER_KIND.differ(anna, name).here).toBe('milk');
  });
});

describe('what two devices do at one stove', () => {
  const begun = newCook({ id: 'c', recipeId: 'r', versionId: 'v', as: 'cooked', day: '2026-11-28' });
  const timer = newTimer({ id: 't1', name: 'Bake', stepId: 's1', from: 600, to: null }, 0);
  const running = { ...begun, timers: { t1: timer } };
  const joined = (mine: object, theirs: object) => {
    const found = rebase(
      COOK_KIND,
      { ...running, ...theirs },
      entry(COOK_KIND.changes(running, { ...running, ...mine })),
    );
    return found.fits ? found.document : 'a question';
  };
  it('is joined, and asks nothing', () => {
    expect(joined({ ticks: { s1: true } }, { ticks: { s2: true } })).toMatchObject({ ticks: { s1: true, s2: true } });
    expect(joined({ ticks: { s1: true } }, { ticks: { s1: true } })).toMatchObject({ ticks: { s1: true } });
    expect(joined({ timers: { t1: paused(timer, 60_000) } }, { timers: { t1: paused(timer, 90_000) } })).toMatchObject({
      timers: { t1: { left: 540 } },
    });
    expect(joined({ weighed: { l1: 71 } }, { weighed: { l1: 70 } })).toMatchObject({ weighed: { l1: 71 } });
    expect(joined({ otherWay: 'slow-cooker' }, { otherWay: 'hot-air' })).toMatchObject({ otherWay: 'slow-cooker' });
  });
  it('leaves stopped what one of them stopped', () => {
    expect(joined({ timers: { t1: paused(timer, 60_000) } }, { timers: {} })).toMatchObject({ timers: {} });
    expect(joined({ timers: {} }, { timers: { t1: paused(timer, 60_000) } })).toMatchObject({ timers: {} });
  });
  it('still asks where both say something else of what came out', () => {
    const out = (amount: number) => ({ out: { by: 'grams', amount, grams: amount, cut: null } });
    expect(joined(out(1000), out(1200))).toBe('a question');
  });
});
