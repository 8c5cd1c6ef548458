import { describe, expect, it } from 'vitest';
import { testRecipeLine } from '../../../tests/support/test-version.ts';
import type { Line } from '../version/version.ts';
import { byUse, type StockItem, takeFromStock } from './stock.ts';

const item = (id: string, over: Partial<StockItem> = {}): StockItem => ({
  id,
  foodId: 'butter',
  name: id,
  grams: 100,
  opened: false,
  useBy: null,
  lacking: false,
  ...over,
});

const line = (id: string, foodId: string, grams: number): Line =>
  testRecipeLine(id, {
    food: { kind: 'food', foodId, revision: 1 },
    weight: { grams, low: grams, high: grams, from: 'weight' },
  });

describe('stock', () => {
  it('is used by date, then opened packages first', () => {
    const items = [item('b'), item('a'), item('soon', { useBy: '2026-12-01' }), item('open', { opened: true })];
    expect(byUse(items).map((i) => i.id)).toEqual(['soon', 'open', 'a', 'b']);
  });
  it('gives up the earliest first, over several packages', () => {
    const taken = takeFromStock(
      [item('late'), item('early', { useBy: '2026-12-01', grams: 30 })],
      [line('l', 'butter', 50)],
    );
    expect(taken.map((t) => [t.before.id, t.after?.grams ?? null])).toEqual([
      ['late', 80],
      ['early', null],
    ]);
    expect(taken[0]!.after!.opened).toBe(true);
  });
  it('is empty below a gram, and not before', () => {
    const left = (grams: number) => takeFromStock([item('a', { grams: 100 })], [line('l', 'butter', grams)])[0]!.after;
    expect(left(98.4)?.grams).toBe(1.6);
    expect(left(99)?.grams).toBe(1);
    expect(left(99.1)).toBeNull();
    expect(left(250)).toBeNull();
  });
  it('opens what nobody weighed, and takes nothing of what it has not, cannot be had or was left out', () => {
    expect(takeFromStock([item('a', { grams: null })], [line('l', 'butter', 50)])[0]!.after).toMatchObject({
      grams: null,
      opened: true,
    });
    expect(takeFromStock([item('a', { lacking: true })], [line('l', 'butter', 50)])).toEqual([]);
    expect(takeFromStock([item('a')], [line('l', 'flour-white', 50)])).toEqual([]);
    expect(takeFromStock([item('a')], [{ ...line('l', 'butter', 50), leftOut: true }])).toEqual([]);
  });
});
