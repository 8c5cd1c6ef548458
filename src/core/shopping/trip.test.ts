import { describe, expect, it } from 'vitest';
import type { StockItem } from '../stock/stock.ts';
import { bringHome } from './bring-home.ts';
import { movedItems, planMoved } from './one-more-one-less.ts';
import type { Trip, TripItem } from './trip.ts';
import { byShop, costOfTrip, tripText } from './trip-text.ts';
import { BARE_ITEM } from './what-to-get.ts';

const item = (id: string, over: Partial<TripItem> = {}): TripItem => ({
  ...BARE_ITEM,
  id,
  foodId: id,
  name: id,
  grams: 500,
  needed: '500 g',
  uses: ['Stew'],
  ...over,
});
const trip = (items: TripItem[], got: string[] = []): Trip => ({
  id: 'trip',
  name: 'Saturday',
  from: '2026-11-28',
  to: '2026-12-04',
  made: '2026-11-28T08:00:00.000Z',
  items,
  ticks: Object.fromEntries(got.map((id) => [id, { on: true, at: '2026-11-28T10:00:00.000Z' }])),
  done: null,
  home: [],
});

describe('a shopping list', () => {
  it('is told by shop, with what is still to get', () => {
    const t = trip(
      [
        item('butter', { shop: 'Dairy', sold: '3 × 250 g', notThat: 'not margarine: +1 a serving of Stew (LE)' }),
        item('leeks'),
        item('milk', { shop: 'Dairy' }),
      ],
      ['milk'],
    );
    expect(byShop(t.items).map((g) => [g.shop, g.items.length])).toEqual([
      ['Dairy', 2],
      ['', 1],
    ]);
    expect(tripText(t)).toBe(
      'Saturday\n\nDairy\n- butter, 3 × 250 g (not margarine: +1 a serving of Stew (LE))\n\nAnywhere\n- leeks, 500 g\n',
    );
    expect(costOfTrip([{ price: 2.4 }, { price: null }, { price: 1.1 }])).toEqual({ sum: 3.5, of: 2 });
    expect(costOfTrip([{ price: null }])).toBeNull();
  });
  it('stays as it was taken, and is offered one more, one less where the plan has moved', () => {
    const t = trip([item('butter'), item('leeks'), item('cream'), item('by-hand', { uses: [] }), item('got')], ['got']);
    const now = [
      item('butter', { grams: 750 }),
      item('leeks', { grams: 505 }),
      item('eggs'),
      item('got', { grams: 900 }),
    ];
    expect(planMoved(t, now).map((m) => [m.item.id, m.is])).toEqual([
      ['butter', 'more'],
      ['eggs', 'new'],
      ['cream', 'gone'],
    ]);
    expect(movedItems(t.items, planMoved(t, now)).map((i) => [i.id, i.grams])).toEqual([
      ['butter', 750],
      ['leeks', 500],
      ['by-hand', 500],
      ['got', 500],
      ['eggs', 500],
    ]);
  });
  it('comes home: what was got and nothing else, more of what is there, apart from what is open', () => {
    const stock = (id: string, over: Partial<StockItem> = {}): StockItem => ({
      id: `s-${id}`,
      foodId: id,
      name: id,
      grams: 100,
      opened: false,
      useBy: null,
      lacking: false,
      ...over,
    });
    const t = trip(
      [item('butter', { soldGrams: 750 }), item('milk'), item('leeks'), item('eggs')],
      ['butter', 'milk', 'eggs'],
    );
    const home = bringHome(
      t,
      [stock('butter'), stock('milk', { opened: true }), stock('eggs', { grams: null })],
      () => 'new',
    );
    expect(bringHome({ ...t, home: ['butter', 'milk', 'eggs'] }, [], () => 'new')).toEqual([]);
    expect(home.map((h) => [h.before?.id ?? null, h.after.id, h.after.grams])).toEqual([
      ['s-butter', 's-butter', 850],
      [null, 'new', 500],
      ['s-eggs', 's-eggs', null],
    ]);
  });
});
