import { SaidPinSchema } from '../../contract/program.ts';
import { PIN_KIND } from '../../core/documents/document-kinds.ts';
import { pinId } from '../../core/documents/pair-ids.ts';
import { invalid } from '../../core/errors.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import type { SaidPin } from '../../core/program/program.ts';
import { formatGrams } from '../../core/quantity/format-amount.ts';
import { foodOwner } from './food-owner.ts';
import { newestFoods } from './foods.ts';
import { programsOf } from './programs.ts';
import { recountUsing } from './recount.ts';
import { rowShelf } from './row-shelf.ts';
import { because } from './scope.ts';
import { requireSame } from './shelf.ts';

const parts = (id: string): { food_id: string; program_id: string } => {
  const [food_id = '', program_id = ''] = id.split('~');
  return { food_id, program_id };
};

/** Points that the cook knows for an amount of a food under a program. */
export const PINS = rowShelf<SaidPin, 'pin'>({
  name: 'pins',
  what: 'pin',
  kind: PIN_KIND,
  schema: SaidPinSchema,
  first: 1,
  isPair: true,
  table: 'pin',
  keys: parts,
  read: (r) =>
    SaidPinSchema.parse({
      foodId: r.food_id,
      programId: r.program_id,
      points: r.points,
      grams: r.grams,
      saidOn: r.said_on,
      source: r.source,
      foodRevision: r.food_revision,
    }),
  columns: (p) => ({
    points: p.points,
    grams: p.grams,
    said_on: p.saidOn,
    source: p.source,
    food_revision: p.foodRevision,
  }),
  check: async (s, id, pin) => {
    requireSame(id, pinId(pin));
    if (!(await programsOf(s)).some((p) => p.id === pin.programId))
      throw invalid('There is no such program.', 'Choose one of the programs that the household can count under.');
    if (!(await foodOwner(s, pin.foodId))) throw invalid('There is no such food.', 'Add it to the pantry first.');
  },
  follow: async (s, id, before, after) => {
    const pin = (after ?? before)!;
    const [food] = await newestFoods(s, [pin.foodId]);
    const program = (await programsOf(s)).find((p) => p.id === pin.programId);
    const amount = `${formatPoints(pin.points)} for ${formatGrams(pin.grams)}`;
    const words = `${food?.name ?? 'A food'}${after === null ? ' is not pinned any more' : `: ${amount}`}${program ? ` (${program.mark})` : ''}`;
    because(s, { kind: 'pin', ref: id, words });
    await recountUsing(s, pin.foodId);
  },
});
