import { BuyingSchema, TripSchema } from '../../contract/shopping.ts';
import { BUYING_KIND, TRIP_KIND } from '../../core/documents/week-kinds.ts';
import type { Buying } from '../../core/shopping/buying.ts';
import type { Trip } from '../../core/shopping/trip.ts';
import { rowShelf } from './row-shelf.ts';
import { requireSame } from './shelf.ts';
import { fromStored, toStored } from './stored.ts';

/** Shopping trips. */
export const TRIPS = rowShelf<Trip, 'trip'>({
  name: 'trips',
  what: 'shopping list',
  kind: TRIP_KIND,
  schema: TripSchema,
  first: 1,
  table: 'trip',
  keys: (id) => ({ id }),
  read: (r) => fromStored('trip', TripSchema, r.body),
  columns: (trip) => ({ made: trip.made, body: toStored('trip', TripSchema, trip) }),
  check: async (_s, id, trip) => requireSame(id, trip.id),
});

/** Where foods are got. */
export const BUYING = rowShelf<Buying, 'buying'>({
  name: 'buying',
  what: 'way of buying',
  kind: BUYING_KIND,
  schema: BuyingSchema,
  first: 1,
  isPair: true,
  table: 'buying',
  keys: (id) => ({ food_id: id }),
  read: (r) =>
    BuyingSchema.parse({
      foodId: r.food_id,
      shop: r.shop,
      leastGrams: r.least_grams,
      packGrams: r.pack_grams,
      price: r.price,
    }),
  columns: (b) => ({ shop: b.shop, least_grams: b.leastGrams, pack_grams: b.packGrams, price: b.price }),
  check: async (_s, id, b) => requireSame(id, b.foodId),
});
