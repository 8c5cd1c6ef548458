import { unitNamed } from '../../quantity/units.ts';
import { type Draft, withPart } from '../draft.ts';
import { readAmount } from '../read-amount.ts';
import type { ReadingRule } from '../rule.ts';

/** More amounts than these are no ingredient line. */
const MOST_AMOUNTS = 4;

/** One further amount at the start of what is left; null when there is none. */
function oneMore(d: Draft): Draft | null {
  const same = /^\/\s*(?=\d)/.exec(d.text);
  const plus = /^(?:\+|plus|and)\s+(?=\d|an? |one |two |half )/i.exec(d.text);
  const lead = same ?? plus;
  const adjacent = lead === null && /^\d/.test(d.text) && d.amount?.unit != null;
  if (lead === null && !adjacent) return null;
  const amount = readAmount(d.text.slice(lead?.[0].length ?? 0));
  if (amount?.unit == null) return null;
  const kind = unitNamed(amount.unit)!.kind;
  if (kind !== 'volume' && kind !== 'weight' && !(plus && kind === 'count')) return null;
  return withPart(d, amount, same ? 'same' : 'plus', amount.rest);
}

export const furtherAmounts: ReadingRule = {
  name: 'further amounts, added or the same again',
  example: '¼ cup + 2 tbsp sugar',
  takes: '+ 2 tbsp',
  take: (draft) => {
    if (draft.amount === null) return null;
    let d = draft;
    for (let i = 0; i < MOST_AMOUNTS; i++) {
      const next = oneMore(d);
      if (next === null) break;
      d = next;
    }
    return d === draft ? null : d;
  },
};
