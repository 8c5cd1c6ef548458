import { ObservationSchema } from '../../contract/observation.ts';
import { OBSERVATION_KIND } from '../../core/documents/document-kinds.ts';
import type { Observation } from '../../core/teach/observation.ts';
import { rowShelf } from './row-shelf.ts';
import { toJson } from './stored.ts';

/** Points that the household knows, from which rules are taught. */
export const OBSERVATIONS = rowShelf<Observation, 'observation'>({
  name: 'observations',
  what: 'known food',
  kind: OBSERVATION_KIND,
  schema: ObservationSchema,
  first: 1,
  table: 'observation',
  keys: (id) => ({ id }),
  read: (r) =>
    ObservationSchema.parse({
      id: r.id,
      programId: r.program_id,
      name: r.name,
      foodId: r.food_id,
      grams: r.grams,
      points: r.points,
      nutrients: JSON.parse(r.nutrients),
      reading: r.reading,
    }),
  columns: (o) => ({
    program_id: o.programId,
    name: o.name,
    food_id: o.foodId,
    grams: o.grams,
    points: o.points,
    nutrients: toJson(o.nutrients),
    reading: o.reading,
  }),
});
