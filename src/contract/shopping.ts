import { z } from 'zod';
import type { Buying } from '../core/shopping/buying.ts';
import type { Trip } from '../core/shopping/trip.ts';
import { Day, Id, Words, Written } from './primitives.ts';
import { schemaOf } from './schema-of.ts';

const InstantSaid = z.iso.datetime('is not an instant');
const MoreThanNone = z.number('is not a number').gt(0, 'must be above 0').max(1_000_000, 'is too large');
const WordsSaid = Written(300, 'is too long');

export const BuyingSchema = schemaOf<Buying>()(
  z.object({
    foodId: Id,
    shop: Written(60, 'is longer than 60 characters'),
    leastGrams: MoreThanNone.nullable(),
    packGrams: MoreThanNone.nullable(),
    price: z.number('is not a number').min(0, 'cannot be below 0').max(1_000_000, 'is too large').nullable(),
  }),
);

export const TripItemSchema = z.object({
  id: Id,
  foodId: Id.nullable(),
  name: Words(200),
  grams: z.number('is not a number').min(0, 'cannot be below 0').max(1_000_000, 'is too large').nullable(),
  needed: WordsSaid,
  sold: WordsSaid.nullable(),
  soldGrams: MoreThanNone.nullable(),
  shop: Written(60),
  uses: z.array(Written(200)).max(60),
  notThat: WordsSaid,
  inHouse: WordsSaid,
  price: z.number().min(0).max(1_000_000).nullable(),
});

export const TripSchema = schemaOf<Trip>()(
  z.object({
    id: Id,
    name: Words(80),
    from: Day,
    to: Day,
    made: InstantSaid,
    items: z.array(TripItemSchema).max(400, 'are more than 400'),
    ticks: z.record(Id, z.object({ on: z.boolean(), at: InstantSaid })),
    done: InstantSaid.nullable(),
    home: z.array(Id).max(400).default([]),
  }),
);
