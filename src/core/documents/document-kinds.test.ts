import { describe, expect, it } from 'vitest';
import type { Entry } from '../history/entry.ts';
import type { FieldChange } from '../history/field-change.ts';
import { rebase } from '../history/rebase.ts';
import type { Eater } from '../table/table.ts';
import { CORRECTION_KIND, EATER_KIND, RECIPE_KIND } from './document-kinds.ts';

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
    expect(asked({ name: 'Ann' }, { name: 'Ann', avoids: ['liver'], ratherNot: [], notOnTop: [] })).toBeNull();
  });
  it('says of a recipe which part of its head it is', () => {
    const head = {
      title: 'Gratin',
      credit: { author: null, url: null, whose: 'family' as const },
      settled: [],
      shownVersionId: null,
      favourite: false,
      claims: [],
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
