import { unitNamed } from '../../quantity/units.ts';
import type { ReadingRule } from '../rule.ts';

/** "3 cloves" alone: the unit was the food. */
export const unitIsTheFood: ReadingRule = {
  name: 'nothing but a unit: it is the food',
  example: '3 cloves',
  takes: '',
  take: (d) => {
    if (d.text.trim() !== '' || d.amount?.unit == null) return null;
    const unit = unitNamed(d.amount.unit)!;
    return unit.kind === 'count' ? { ...d, text: unit.plural, amount: { ...d.amount, unit: null } } : null;
  },
};

export const noteIsTheFood: ReadingRule = {
  name: 'nothing but a note: it is the food',
  example: '2 cups (walnuts)',
  takes: '',
  take: (d) => (d.text.trim() === '' && d.notes.length > 0 ? { ...d, text: d.notes[0]! } : null),
};

export const amountOfZero: ReadingRule = {
  name: 'an amount of zero',
  example: '0 cups flour',
  takes: '',
  take: (d) => {
    if (d.amount?.quantity !== 0) return null;
    const warning = 'The amount is zero, so the line adds nothing. Write an amount, or leave the line out.';
    return { ...d, warnings: [...d.warnings, warning] };
  },
};
