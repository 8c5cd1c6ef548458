import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readVersion, testRecipeLine, testVersion } from '../../../tests/support/test-version.ts';
import {
  applyEntry,
  type Change,
  EntryConflict,
  historyOf,
  invertChanges,
  lineChange,
  VERSION_KIND,
  type VersionEntry,
} from './entry.ts';
import type { Version } from './version.ts';

const entry = (id: string, changes: readonly Change[], undoes: string | null = null): VersionEntry => ({
  id,
  label: id,
  changes,
  undoes,
});
const base = testVersion(['a', 'b', 'c']);
const content = (v: typeof base) => ({ lines: v.lines, servings: v.servings, steps: v.steps, name: v.name });

describe('entries', () => {
  it('add, change and remove lines in place', () => {
    const added = applyEntry(
      base,
      entry('1', [{ kind: 'line', lineId: 'd', before: null, after: testRecipeLine('d'), index: 1 }]),
    );
    expect(added.lines.map((l) => l.id)).toEqual(['a', 'd', 'b', 'c']);
    const removed = applyEntry(added, entry('2', [lineChange(added, 'a', null)]));
    expect(removed.lines.map((l) => l.id)).toEqual(['d', 'b', 'c']);
    expect(removed.revision).toBe(base.revision + 2);
  });
  it('do not fit a version that lacks their line', () => {
    expect(() =>
      applyEntry(
        base,
        entry('1', [{ kind: 'line', lineId: 'zz', before: testRecipeLine('zz'), after: null, index: 0 }]),
      ),
    ).toThrow(EntryConflict);
    expect(() =>
      applyEntry(base, entry('1', [{ kind: 'line', lineId: 'a', before: null, after: testRecipeLine('a'), index: 0 }])),
    ).toThrow(EntryConflict);
  });
  it('turned round, lead back exactly, whatever was done', () => {
    type Do = { kind: number; at: number };
    const does = fc.array(fc.record({ kind: fc.nat(4), at: fc.nat(20) }), { minLength: 1, maxLength: 12 });
    fc.assert(
      fc.property(does, (list: Do[]) => {
        let version = base;
        const entries: VersionEntry[] = [];
        list.forEach((d, i) => {
          const line = version.lines[d.at % Math.max(1, version.lines.length)];
          const change: Change =
            d.kind === 0 || !line
              ? {
                  kind: 'line',
                  lineId: `n${i}`,
                  before: null,
                  after: testRecipeLine(`n${i}`),
                  index: d.at % (version.lines.length + 1),
                }
              : d.kind === 1
                ? lineChange(version, line.id, null)
                : d.kind === 2
                  ? lineChange(version, line.id, { ...line, kept: !line.kept })
                  : d.kind === 3
                    ? { kind: 'servings', before: version.servings, after: d.at + 1 }
                    : { kind: 'steps', before: version.steps, after: [{ id: `s${i}`, text: 'stir' }] };
          const e = entry(`e${i}`, [change]);
          version = applyEntry(version, e);
          entries.push(e);
        });
        for (const e of [...entries].reverse())
          version = applyEntry(version, entry(`u${e.id}`, invertChanges(e.changes), e.id));
        expect(content(version)).toEqual(content(base));
      }),
      { numRuns: 300 },
    );
  });
});

describe('undo and redo', () => {
  const change: Change[] = [{ kind: 'servings', before: 4, after: 6 }];
  const e1 = entry('1', change);
  const e2 = entry('2', change);
  const undo2 = entry('3', change, '2');
  const redo2 = entry('4', change, '3');
  it('offer the last thing done', () => expect(historyOf([e1, e2])).toMatchObject({ undo: e2, redo: null }));
  it('offer what is before it once it is undone, and to redo it', () =>
    expect(historyOf([e1, e2, undo2])).toMatchObject({ undo: e1, redo: undo2 }));
  it('take a redone thing as done, to be undone again', () =>
    expect(historyOf([e1, e2, undo2, redo2])).toMatchObject({ undo: redo2, redo: null }));
  it('drop what could be redone when something new is done', () =>
    expect(historyOf([e1, e2, undo2, entry('5', change)]).redo).toBeNull());
  it('tell what was done and holds, without what was turned round', () => {
    expect(historyOf([e1, e2]).done).toEqual([e1, e2]);
    expect(historyOf([e1, e2, undo2]).done).toEqual([e1]);
    expect(historyOf([e1, e2, undo2, redo2]).done).toEqual([e1, redo2]);
  });
  it('have nothing to offer at first', () => expect(historyOf([])).toMatchObject({ undo: null, redo: null }));
});

describe('how a change of a version stands', () => {
  const version = testVersion(['a']);
  const [line] = version.lines;
  const gone = { kind: 'line', lineId: 'x', before: null, after: null, index: 0 } as const;
  it('is before, after (what is to go is gone) or neither; a line that never was is neither', () => {
    const keep = lineChange(version, 'a', { ...line!, kept: true });
    expect(VERSION_KIND.standing(version, keep)).toBe('before');
    expect(VERSION_KIND.standing(VERSION_KIND.apply(version, keep), keep)).toBe('after');
    expect(VERSION_KIND.standing(version, lineChange(testVersion(['b']), 'b', null))).toBe('after');
    expect(VERSION_KIND.standing(version, gone)).toBe('other');
    expect(VERSION_KIND.standing(version, { kind: 'servings', before: 4, after: 8 })).toBe('before');
    expect(
      VERSION_KIND.standing(testVersion([], { servings: null }), { kind: 'servings', before: null, after: null }),
    ).toBe('before');
  });
});

describe('what differs between two copies of a version', () => {
  const version = readVersion(['100 g butter', '2 eggs']);
  const differ = (after: Version['lines'][number] | null, there: Version) =>
    VERSION_KIND.differ(there, { ...lineChange(version, 'l0', after as never) });
  it('says a line with its grams, and that it is gone, left out or kept', () => {
    const [butter] = version.lines;
    const lighter = { ...butter!, weight: { ...butter!.weight!, grams: 57.34 }, text: '57 g butter' };
    expect(differ(lighter, version)).toEqual({
      what: 'butter',
      here: '57 g butter (57.3 g)',
      there: '100 g butter (100 g)',
    });
    expect(differ(null, { ...version, lines: [{ ...butter!, leftOut: true }] })).toMatchObject({
      here: 'gone',
      there: 'left out',
    });
    expect(differ({ ...butter!, kept: true }, { ...version, lines: [] })).toMatchObject({
      here: '100 g butter (100 g), kept',
      there: 'gone',
    });
    expect(differ({ ...butter!, weight: null }, version).here).toBe('100 g butter');
  });
});
