import { readAmount, takeModifiers } from '../read-amount.ts';
import type { ReadingRule } from '../rule.ts';

/** The note stays a note, too. */
export const sizeInNote: ReadingRule = {
  name: 'a note that says the size of one',
  example: '2 chicken breasts, 6 ounces each',
  takes: '',
  take: (d) => {
    if (d.amount === null || d.amount.unit !== null) return null;
    let { packageSize, modifiers } = d;
    for (const note of d.notes) {
      const size = takeModifiers(note, 'size');
      if (size.rest === '') modifiers = [...modifiers, ...size.words];
      const one = / each$/i.test(note) ? readAmount(note.replace(/,? each$/i, '')) : null;
      if (packageSize === null && one?.unit != null && one.rest === '') {
        packageSize = { quantity: one.quantity, unit: one.unit };
      }
    }
    return packageSize === d.packageSize && modifiers === d.modifiers ? null : { ...d, packageSize, modifiers };
  },
};
